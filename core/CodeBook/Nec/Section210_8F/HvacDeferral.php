<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8F;

use Bouclier\Core\CodeBook\BySite;
use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Serves;

/**
 * NEC 210.8(F), deferred for heating and cooling: in 2020 for mini-splits and inverter-driven units to 2023-01-01 (a plain condenser is
 * asked for from the start), in 2023 for all listed heating and cooling to 2026-09-01. The permit's date decides; without one a deferral is
 * over.
 */
final class HvacDeferral implements BySite, RuleException, UsesData
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

    /** The deferral in words for an outlet it may decide: its date, the permit's, and what follows; empty where none is about it. */
    public static function remark(Site $site): string
    {
        $ends = self::endsIn($site->edition);
        if ($ends === null || ! self::isDeferred($site)) {
            return '';
        }
        $permit = $site->house->permitDate;

        return ' ' . match (true) {
            $permit === null => "Heating and cooling was deferred to $ends; no permit date is recorded, so it is asked.",
            $permit < $ends => "Heating and cooling is deferred to $ends, and the permit is dated $permit: not asked.",
            default => "Heating and cooling was deferred to $ends, and the permit is dated $permit: asked.",
        };
    }

    private static function isDeferred(Site $site): bool
    {
        return $site->edition->isBefore(Edition::Nec2023)
            ? $site->serves(Serves::HvacInverter)
            : $site->serves(Serves::Hvac, Serves::HvacInverter);
    }

    public function uses(Edition $edition): array
    {
        $ends = self::endsIn($edition);

        return $ends === null ? [] : ["Deferred to $ends, by the date of the permit"];
    }

    public function because(Site $site): string
    {
        return trim(self::remark($site));
    }

    /** The day the deferral of an edition ends; null where it has none. */
    public static function endsIn(Edition $edition): ?string
    {
        return self::ENDS[$edition->value] ?? null;
    }

    public static function dayBefore(string $day): string
    {
        return (new \DateTimeImmutable($day))->modify('-1 day')->format('Y-m-d');
    }

    public function lifts(Rule $rule, Site $site): bool
    {
        $permit = $site->house->permitDate;

        return $rule instanceof OutdoorOutlets
            && self::isDeferred($site)
            && $permit !== null
            && $permit < (self::endsIn($site->edition) ?? '');
    }
}
