<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What the path that was measured to a fixture goes through. */
enum Crosses: string implements Choice
{
    case None = 'none';
    case Door = 'door';
    case Barrier = 'barrier';

    public function label(): string
    {
        return match ($this) {
            self::None => 'Nothing',
            self::Door => 'A doorway or window',
            self::Barrier => 'A wall or fixed barrier',
        };
    }
}
