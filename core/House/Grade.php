<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Where the floor of an area lies against the finished grade outside. */
enum Grade: string implements Choice
{
    case Above = 'above';
    case At = 'at';
    case Below = 'below';

    public function label(): string
    {
        return match ($this) {
            self::Above => 'Above grade',
            self::At => 'At grade',
            self::Below => 'Below grade',
        };
    }

    public function isAtOrBelow(): bool
    {
        return $this !== self::Above;
    }
}
