<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** When a fact of the book was read, and by whom. */
enum BookReading
{
    case First;

    /** Against 278 made-up houses; where it disagrees with the first, it stands. */
    case Second;

    /** The day, ISO 8601. */
    public function on(): string
    {
        return match ($this) {
            self::First => '2026-11-25',
            self::Second => '2026-11-28',
        };
    }

    public function by(): string
    {
        return match ($this) {
            self::First => 'first reading, by those who wrote this book',
            self::Second => 'second reading, by another pair of eyes',
        };
    }
}
