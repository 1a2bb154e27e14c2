<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** How far an opened box is taken apart, or made up again. */
enum BoxState: string implements Choice
{
    case Opened = 'opened';
    case Apart = 'apart';
    case Capped = 'capped';
    case MadeUp = 'made_up';

    public function label(): string
    {
        return match ($this) {
            self::Opened => 'Open, pairs still landed',
            self::Apart => 'Pairs apart, not capped',
            self::Capped => 'Pairs apart, every conductor capped',
            self::MadeUp => 'Made up and folded in',
        };
    }

    public function isOpen(): bool
    {
        return $this !== self::MadeUp;
    }

    /** Whether power may be turned on to it at all, as live work: never while a bare end hangs free. */
    public function takesPower(): bool
    {
        return $this !== self::Apart;
    }
}
