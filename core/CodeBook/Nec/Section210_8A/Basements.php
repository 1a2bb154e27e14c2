<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Grade;

/**
 * NEC 210.8(A)(5): basements; until 2017 only their unfinished parts. A room below grade is part of the basement, crawl spaces excepted.
 */
final class Basements extends PlaceRule
{
    public function id(): string
    {
        return 'nec-210.8(A)-basements';
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('210.8(A)(5)');
    }

    public function reason(): string
    {
        return 'Slab floors and seepage: receptacles in a basement count.';
    }

    public function counts(Context $context, Area $area): ?string
    {
        $room = ! in_array($area->kind, [AreaKind::CrawlSpace, AreaKind::Outdoors], true);
        if ($area->kind !== AreaKind::Basement && ! ($room && $area->grade() === Grade::Below)) {
            return null;
        }
        $place = $area->kind === AreaKind::Basement
            ? "{$area->code} is a basement"
            : "{$area->code} is below grade, so part of the basement";
        if ($context->edition->isBefore(Edition::Nec2020)) {
            return $area->finished() ? null : "$place, and not finished.";
        }

        return "$place.";
    }

    protected function places(Edition $edition): string
    {
        return $edition->isFrom(Edition::Nec2020)
            ? 'basements, and any room below grade'
            : 'basements, and any room below grade, where not finished';
    }
}
