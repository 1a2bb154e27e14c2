<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;

/** NEC 210.8(A)(4): crawl spaces at or below grade. */
final class CrawlSpaces extends PlaceRule
{
    public function id(): string
    {
        return 'nec-210.8(A)-crawl-spaces';
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('210.8(A)(4)');
    }

    public function reason(): string
    {
        return 'Whoever works in a crawl space lies on the earth: every receptacle in one at or below grade counts.';
    }

    public function counts(Context $context, Area $area): ?string
    {
        return $area->kind === AreaKind::CrawlSpace && $area->grade()->isAtOrBelow()
            ? "{$area->code} is a crawl space {$area->grade()->value} grade."
            : null;
    }

    protected function places(Edition $edition): string
    {
        return 'crawl spaces at or below grade';
    }
}
