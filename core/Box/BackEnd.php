<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

/** An end of a feed-through device, as its back is held with the ground terminal where it was. */
enum BackEnd: string
{
    case Top = 'top';
    case Bottom = 'bottom';

    public function other(): self
    {
        return $this === self::Top ? self::Bottom : self::Top;
    }
}
