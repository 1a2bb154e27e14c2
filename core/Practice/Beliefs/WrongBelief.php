<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Beliefs;

use Bouclier\Core\Practice\Ended;

/** Something believed that is not so, and that showed in what was done. Each is a class, and a line in {@see self::ALL}. */
abstract readonly class WrongBelief
{
    /** @var list<class-string<WrongBelief>> */
    public const ALL = [
        DeviceFirst::class, HeldSoMended::class, CorrectSoSound::class, NeighbourProves::class, OpenedFirst::class, ResetAgain::class,
    ];

    /** What was believed and why it is not so; null where it did not show. */
    abstract protected static function shown(Ended $visit): ?string;

    /** @return list<string> those that showed on a visit */
    public static function in(Ended $visit): array
    {
        return array_values(array_filter(array_map(fn(string $belief): ?string => $belief::shown($visit), self::ALL), is_string(...)));
    }
}
