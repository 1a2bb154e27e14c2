<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8F;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/**
 * NEC 210.8(F): outdoor outlets other than receptacles and lights, of 150 V or less to ground and 50 A or less. 2023: in garages at or
 * below grade, accessory buildings and boathouses too, and when the equipment on one is replaced.
 */
final class OutdoorOutlets implements Rule, UsesData
{
    private const MAX_AMPS = 50.0;

    public function id(): string
    {
        return 'nec-210.8(F)-outdoor-outlets';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, null, '210.8(F)', '210.8(F)');
    }

    public function reason(): string
    {
        return 'Equipment wired in outdoors is touched by people who stand on wet ground.';
    }

    public function binds(Site $site): ?string
    {
        if ($site->point->kind !== PointKind::Hardwired || ($site->circuit()->amps ?? 0.0) > self::MAX_AMPS) {
            return null;
        }
        if ($site->area->kind === AreaKind::Outdoors) {
            return $site->edition->isBefore(Edition::Nec2023) && $site->work === Work::Replace ? null : 'It is wired in outdoors.'
                . HvacDeferral::remark($site);
        }
        $elsewhere = match ($site->area->kind) {
            AreaKind::Garage => $site->area->grade()->isAtOrBelow(),
            AreaKind::AccessoryBuilding, AreaKind::Boathouse => true,
            default => false,
        };

        return $elsewhere && $site->edition->isFrom(Edition::Nec2023)
            ? "It is wired in, in {$site->area->code}, where 2023 asks as it does outdoors." . HvacDeferral::remark($site)
            : null;
    }

    public function uses(Edition $edition): array
    {
        return [
            '150 V or less to ground, ' . self::MAX_AMPS . ' A or less; no lights',
            ...($edition->isFrom(Edition::Nec2023)
                ? ['Places outdoors; garages at or below grade, accessory buildings, boathouses; equipment that is replaced']
                : ['Places outdoors']),
        ];
    }
}
