<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8C;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;

/** NEC 210.8(E) in 2017, 210.8(C) since: lighting outlets of 120 V or less in crawl spaces. */
final class CrawlSpaceLighting implements Rule
{
    public function id(): string
    {
        return 'nec-210.8(C)-crawl-space-lighting';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, '210.8(E)', '210.8(C)', '210.8(C)');
    }

    public function reason(): string
    {
        return 'A lampholder in a crawl space is at the height of the head that passes it.';
    }

    public function binds(Site $site): ?string
    {
        return $site->point->kind === PointKind::Light && $site->area->kind === AreaKind::CrawlSpace && $site->volts() <= 120.0
            ? "It lights {$site->area->code}, a crawl space, at {$site->volts()} V."
            : null;
    }
}
