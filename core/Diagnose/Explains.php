<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** What sort of cause a hypothesis is: a fault, or something that needs none. */
enum Explains: string
{
    case Fault = 'fault';
    case SharedNeutral = 'shared_neutral';
    case HonestSum = 'honest_sum';
    case LongCable = 'long_cable';
    case Overload = 'overload';
    case NoFeed = 'no_feed';
    case UpstreamTripped = 'upstream_tripped';
    case Beyond = 'beyond';
    case Unknown = 'unknown';

    /** Whether it is a fault, be it one that no file can say. */
    public function isFault(): bool
    {
        return $this === self::Fault || $this === self::Beyond;
    }

    /** As a house file says it: what hangs beyond the drawing is not known, and what shares a neutral is a fault of the wiring. */
    public function said(): string
    {
        return match ($this) {
            self::SharedNeutral => self::Fault->value,
            self::Beyond => self::Unknown->value,
            default => $this->value,
        };
    }
}
