<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** One half of a duplex. */
enum Half: string implements Choice
{
    case Top = 'top';
    case Bottom = 'bottom';

    public function label(): string
    {
        return match ($this) {
            self::Top => 'Top',
            self::Bottom => 'Bottom',
        };
    }
}
