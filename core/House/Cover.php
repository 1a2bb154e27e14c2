<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The cover over an outlet that weather can reach. */
enum Cover: string implements Choice
{
    case None = 'none';
    case Flip = 'flip';
    case InUse = 'in_use';

    public function label(): string
    {
        return match ($this) {
            self::None => 'No cover',
            self::Flip => 'Flip cover, closed only when nothing is plugged in',
            self::InUse => 'In-use hood',
        };
    }
}
