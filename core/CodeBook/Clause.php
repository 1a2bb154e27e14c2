<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** Clause numbers, as far as they have to be compared. */
final class Clause
{
    /** Whether a clause is the other, or a part of it: 210.8(A)(7) is within 210.8(A). Everything is within null. */
    public static function within(string $clause, ?string $whole): bool
    {
        return $whole === null || $clause === $whole || str_starts_with($clause, $whole . '(');
    }
}
