<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** A marking the code asks for at an outlet. */
enum PointLabel: string implements Choice
{
    case GfciProtected = 'gfci_protected';
    case NoEquipmentGround = 'no_equipment_ground';
    case FirstOutletAfci = 'first_outlet_afci';

    public function label(): string
    {
        return match ($this) {
            self::GfciProtected => 'GFCI Protected',
            self::NoEquipmentGround => 'No Equipment Ground',
            self::FirstOutletAfci => 'First outlet AFCI',
        };
    }
}
