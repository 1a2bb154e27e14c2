<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;

/** NEC 210.8(A)(2): garages, and accessory buildings with a floor at or below grade that nobody lives in. */
final class Garages extends PlaceRule
{
    public function id(): string
    {
        return 'nec-210.8(A)-garages';
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('210.8(A)(2)');
    }

    public function reason(): string
    {
        return 'A concrete floor is ground underfoot: every receptacle in a garage or such an outbuilding counts.';
    }

    public function counts(Context $context, Area $area): ?string
    {
        if ($area->kind === AreaKind::Garage) {
            return "{$area->code} is a garage.";
        }

        return $area->kind === AreaKind::AccessoryBuilding && $area->grade()->isAtOrBelow() && ! $area->finished()
            ? "{$area->code} is an accessory building for storage or work, its floor {$area->grade()->value} grade."
            : null;
    }

    protected function places(Edition $edition): string
    {
        return 'garages; accessory buildings for storage or work, floor at or below grade';
    }
}
