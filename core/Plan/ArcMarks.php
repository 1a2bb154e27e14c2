<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\Work;

/** What an AFCI upstream is good for, as marks of one number: kinds of work it does for, and whether it stands at the first outlet. */
final class ArcMarks
{
    public const FIRST_OUTLET = 16;

    public static function of(Work $work): int
    {
        return match ($work) {
            Work::New => 1,
            Work::Extend => 2,
            Work::Replace => 4,
            Work::Existing => 8,
        };
    }

    /** Whether there is an AFCI at all that does for some kind of work. */
    public static function areOfWork(int $marks): bool
    {
        return ($marks & ~self::FIRST_OUTLET) !== 0;
    }
}
