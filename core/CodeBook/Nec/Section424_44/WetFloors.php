<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section424_44;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\FixtureKind;

/** The rooms of NEC 424.44: bathrooms, kitchens, and places with a hydromassage tub. */
final class WetFloors
{
    public static function has(Area $area): bool
    {
        return in_array($area->kind, [AreaKind::Bathroom, AreaKind::Kitchen], true) || $area->hasFixture(FixtureKind::Hydromassage);
    }
}
