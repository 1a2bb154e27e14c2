<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** What can be wrong with a wire, a box, a device or an appliance, as the electrical model knows it. */
enum FaultKind: string
{
    case Leak = 'leak';
    case NeutralGround = 'neutral_ground';
    case Open = 'open';
    case Short = 'short';
    case HighResistance = 'high_resistance';
    case Swap = 'swap';
    case SwapHotGround = 'swap_hot_ground';
    case ReversedLineLoad = 'reversed_line_load';
    case Land = 'land';
    case Bootleg = 'bootleg';
    case BorrowedNeutral = 'borrowed_neutral';
    case DeadDevice = 'dead_device';
    case WeakDevice = 'weak_device';
    case StuckDevice = 'stuck_device';
    case SeriesArc = 'series_arc';
    case ParallelArc = 'parallel_arc';
    case Intermittent = 'intermittent';

    /** @return list<string> what its place may be: a key of {@see Spot} */
    public function places(): array
    {
        return match ($this) {
            self::Leak => ['appliance', 'cord', 'point', 'cable'],
            self::NeutralGround => ['point', 'cable'],
            self::Open => ['cable', 'point'],
            self::Short => ['point', 'cable', 'appliance'],
            self::HighResistance, self::Swap, self::SwapHotGround, self::Land => ['cable'],
            self::ReversedLineLoad, self::Bootleg, self::BorrowedNeutral => ['point'],
            self::DeadDevice, self::WeakDevice, self::StuckDevice => ['point', 'circuit'],
            self::SeriesArc, self::ParallelArc => ['cable', 'point'],
            self::Intermittent => [],
        };
    }

    /** Whether it is what wears in a device or breaker, and goes with it. */
    public function isWear(): bool
    {
        return in_array($this, [self::DeadDevice, self::WeakDevice, self::StuckDevice], true);
    }

    /** Whether it lasts a moment and leaves the steady network as it is. */
    public function isArc(): bool
    {
        return $this === self::SeriesArc || $this === self::ParallelArc;
    }

    /** Whether it is a resistor between two conductors. */
    public function isResistor(): bool
    {
        return in_array($this, [self::Leak, self::NeutralGround, self::Short], true);
    }

    /** Whether it joins conductors that belong apart: without any such, and without a resistor, no neutral is grounded beyond a device. */
    public function joinsConductors(): bool
    {
        return in_array($this, [self::Bootleg, self::BorrowedNeutral, self::Land, self::Swap, self::SwapHotGround], true);
    }

    public function needsOhms(): bool
    {
        return in_array($this, [self::Leak, self::NeutralGround, self::Short, self::HighResistance], true);
    }

    public function needsConductor(): bool
    {
        return $this === self::Open || $this === self::HighResistance;
    }
}
