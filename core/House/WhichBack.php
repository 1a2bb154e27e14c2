<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The device that came out of a box, or the one that goes in. */
enum WhichBack: string implements Choice
{
    case Old = 'old';
    case New = 'new';

    public function label(): string
    {
        return match ($this) {
            self::Old => 'the old device',
            self::New => 'the new device',
        };
    }
}
