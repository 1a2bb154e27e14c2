<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section406_12;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\HowFar;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Work;

/** NEC 406.12(A) in 2014, 406.12(1) since: tamper-resistant receptacles throughout the dwelling. */
final class TamperResistant implements Rule, UsesData
{
    /** Higher than this it is left off. */
    public const OUT_OF_REACH_FT = 5.5;

    /** In the dedicated space of such an appliance it is left off. */
    private const NOT_EASILY_MOVED = [
        Serves::Refrigerator, Serves::Freezer, Serves::Dishwasher, Serves::Disposal, Serves::Range, Serves::WallOven, Serves::Cooktop,
        Serves::Dryer, Serves::Washer, Serves::Microwave,
    ];

    public function id(): string
    {
        return 'nec-406.12-tamper-resistant';
    }

    public function asksFor(): Protection
    {
        return Protection::Tr;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec('406.12(A)', '406.12(1)', '406.12(1)', '406.12(1)');
    }

    public function reason(): string
    {
        return 'A child with a hairpin: receptacles within reach have shutters.';
    }

    public function binds(Site $site): ?string
    {
        $point = $site->point;
        $inKind = $site->work === Work::Replace && $point->slots() === 2;

        return $site->isCordReceptacle($site->edition->isBefore(Edition::Nec2017) ? 125.0 : 250.0)
            && self::counts($site)
            && $point->heightFt() <= self::OUT_OF_REACH_FT
            && $point->partOfAppliance !== true
            && ! $site->serves(...self::NOT_EASILY_MOVED)
            && ! $inKind
                ? "It is a {$point->amps()} A receptacle in {$site->area->code}, within reach."
                : null;
    }

    private static function counts(Site $site): bool
    {
        return match ($site->area->kind) {
            AreaKind::CrawlSpace => false,
            AreaKind::Attic, AreaKind::Closet, AreaKind::Utility, AreaKind::Boathouse => $site->edition->isFrom(Edition::Nec2023),
            default => true,
        };
    }

    public function uses(Edition $edition): array
    {
        return [
            '15 and 20 A, 125 V' . ($edition->isFrom(Edition::Nec2017) ? ' and 250 V' : ''),
            'Up to ' . HowFar::said(self::OUT_OF_REACH_FT, $edition->unit()) . ' high',
            $edition->isFrom(Edition::Nec2023)
                ? 'The dwelling as a whole, but crawl spaces'
                : 'Not closets, attics, utility rooms, crawl spaces',
        ];
    }
}
