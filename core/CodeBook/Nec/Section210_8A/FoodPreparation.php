<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\FixtureKind;

/** NEC 210.8(A)(7), 2023: areas with a sink and permanent provision for food or drink, outside kitchens. */
final class FoodPreparation extends PlaceRule
{
    public function id(): string
    {
        return 'nec-210.8(A)-food-preparation';
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, null, null, '210.8(A)(7)');
    }

    public function reason(): string
    {
        return 'A bar or pantry with a sink is a kitchen in all but name: every receptacle there counts.';
    }

    public function counts(Context $context, Area $area): ?string
    {
        return $area->kind === AreaKind::FoodPrep && $area->hasFixture(FixtureKind::Sink)
            ? "{$area->code} is made for preparing food or drink, and has a sink."
            : null;
    }

    protected function places(Edition $edition): string
    {
        return 'areas with a sink and permanent provision for food or drink';
    }
}
