<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The lists of parts of a house, as its file names them. */
enum PartList: string implements Choice
{
    case Areas = 'areas';
    case Panels = 'panels';
    case Circuits = 'circuits';
    case Points = 'points';
    case Cables = 'cables';
    case Appliances = 'appliances';

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }

    public function label(): string
    {
        return match ($this) {
            self::Areas => 'rooms',
            self::Panels => 'panels',
            self::Circuits => 'circuits',
            self::Points => 'outlets',
            self::Cables => 'cables',
            self::Appliances => 'appliances',
        };
    }
}
