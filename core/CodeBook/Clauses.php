<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Edition;

/** Clause numbers by edition, for the rules that keep theirs in a table. */
final class Clauses
{
    /** The four NEC editions, oldest first; null where one asks nothing. */
    public static function nec(Edition $edition, ?string $of2014, ?string $of2017, ?string $of2020, ?string $of2023): ?string
    {
        return match ($edition) {
            Edition::Nec2014 => $of2014,
            Edition::Nec2017 => $of2017,
            Edition::Nec2020 => $of2020,
            Edition::Nec2023 => $of2023,
            Edition::Cec2021 => null,
        };
    }

    public static function everyNec(Edition $edition, string $clause): ?string
    {
        return $edition->isNec() ? $clause : null;
    }

    public static function cec(Edition $edition, string $clause): ?string
    {
        return $edition->isNec() ? null : $clause;
    }
}
