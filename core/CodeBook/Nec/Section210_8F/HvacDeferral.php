<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8F;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Serves;

/**
 * NEC 210.8(F), deferred for heating and cooling: in 2020 for mini-splits and inverter-driven units to 2023-01-01 (a plain condenser is
 * asked for from the start), in 2023 for all listed heating and cooling to 2026-09-01. The permit's date decides; without one a deferral is
 * over.
 */
final class HvacDeferral implements RuleException
{
    private const ENDS = ['nec-2020' => '2023-01-01', 'nec-2023' => '2026-09-01'];

    public function id(): string
    {
        return 'nec-210.8(F)-hvac-deferral';
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, null, '210.8(F) deferred to 2023-01-01', '210.8(F) deferred to 2026-09-01');
    }

    public function reason(): string
    {
        return 'Heating and cooling has a deferral, and the permit is dated before it ends.';
    }

    public function lifts(Rule $rule, Site $site): bool
    {
        $deferred = $site->edition->isBefore(Edition::Nec2023)
            ? $site->serves(Serves::HvacInverter)
            : $site->serves(Serves::Hvac, Serves::HvacInverter);
        $permit = $site->house->permitDate;

        return $rule instanceof OutdoorOutlets && $deferred && $permit !== null && $permit < (self::ENDS[$site->edition->value] ?? '');
    }
}
