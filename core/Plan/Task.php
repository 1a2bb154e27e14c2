<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

/** Something that is done and takes its minutes, as a table of minutes names it. */
enum Task: string
{
    /** A receptacle changed, with all that is landed in its box. */
    case Swap = 'swap';

    /** A breaker changed. */
    case Breaker = 'breaker';

    /** Pairs landed otherwise in a box whose device stays. */
    case Rewire = 'rewire';

    /** Minutes where a crew's table does not say. */
    public function usualMinutes(): float
    {
        return match ($this) {
            self::Swap => 20.0,
            self::Breaker => 15.0,
            self::Rewire => 10.0,
        };
    }

    public function isAtThePanel(): bool
    {
        return $this === self::Breaker;
    }
}
