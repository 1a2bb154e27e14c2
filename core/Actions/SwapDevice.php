<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;

/** A known good device or breaker put in the place of another. */
final readonly class SwapDevice extends Closing
{
    public static function name(): string
    {
        return 'swap_device';
    }

    protected static function isOfferedAt(Spot $at, Situation $now): bool
    {
        return $at->device() !== null && $now->isProtective($at->device());
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function worthTrying(Situation $now): iterable
    {
        $back = $now->plugBack();
        foreach ($now->protective() as $device) {
            $swap = new self($now->spot($device));
            yield [$swap];
            if ($back !== []) {
                // As it was when it tripped, with a known good one.
                yield [...$back, $swap];
            }
        }
    }

    public function minutesAtOpenBox(): ?float
    {
        return $this->at->circuit === null ? 12.0 : null;
    }

    public function minutes(): float
    {
        return 20.0;
    }

    public function isInTheBox(): bool
    {
        return $this->at->circuit === null;
    }

    public function onlyShows(): bool
    {
        return true;
    }

    public function isDoneOnce(): bool
    {
        return true;
    }

    public function replaces(): string
    {
        return $this->device();
    }

    protected function leaves(): BoxState
    {
        return BoxState::MadeUp;
    }

    protected function leavesClosed(): bool
    {
        return false;
    }

    public function act(Simulation $in): Reading
    {
        $id = $this->device();
        $in->replace($id);
        $in->condition->closes($id);
        $tripped = $in->energised();

        return new Reading(['holds' => ! $in->isOpen($id) && $in->hasPower($id), 'tripped' => $tripped]);
    }

    public function done(Places $places): string
    {
        return "Put a known good device in at {$places->spot($this->at)}";
    }

    public function steps(Places $places, bool $opens): array
    {
        return [
            'Breaker off, then prove it dead here.',
            "Photograph how it is wired, and put a known good device in at {$places->spot($this->at)}.",
            'Old back beside new back: LINE may be at the other end. Each wire to the end of the same name, as the box sheet shows it.',
            'Breaker on, reset it.',
        ];
    }

    public function why(Places $places, array $before): string
    {
        return 'Changing it costs a device: worth it now, because most of what else it could be is ruled out.';
    }
}
