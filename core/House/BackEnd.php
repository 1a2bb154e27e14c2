<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** An end of a feed-through device, as its back is held with the ground terminal where it was. */
enum BackEnd: string implements Choice
{
    case Top = 'top';
    case Bottom = 'bottom';

    public function label(): string
    {
        return $this->value;
    }

    public function other(): self
    {
        return $this === self::Top ? self::Bottom : self::Top;
    }
}
