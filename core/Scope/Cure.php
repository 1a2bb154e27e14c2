<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

/** How findings of some kinds are cured: a class, and its line in {@see Cures}. */
interface Cure
{
    /** @return list<string> ids of the findings it cures */
    public static function cures(): array;

    /** @return iterable<Remedy> ways, the usual one first; none where it has none for this one */
    public static function ways(Ailment $of): iterable;
}
