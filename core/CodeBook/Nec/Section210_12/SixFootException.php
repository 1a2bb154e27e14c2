<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_12;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\HowFar;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Work;

/** NEC 210.12 exception to extensions: no more than 6 ft of conductor added, with no outlet or device on it. Decides most panel changes. */
final class SixFootException implements RuleException, UsesData
{
    private const MAX_FT = 6.0;

    public function id(): string
    {
        return 'nec-210.12-six-feet';
    }

    public function clauses(): Clauses
    {
        return Clauses::nec('210.12(B) exception', '210.12(D) exception', '210.12(D) exception', '210.12(E) exception');
    }

    public function reason(): string
    {
        return 'No more than 6 ft of conductor is added, with no outlet or device on it.';
    }

    public function lifts(Rule $rule, Site $site): bool
    {
        $circuit = $site->circuit();

        return $circuit !== null
            && $site->work === Work::Extend
            && ($rule instanceof BranchCircuits || $rule instanceof Extensions)
            && $site->context->once("six feet {$circuit->id}", fn(): bool => self::isShort($site));
    }

    /** Whether something is marked as added to the site's circuit, and it is short and bare. A length that is not known is not short. */
    private static function isShort(Site $site): bool
    {
        $circuit = $site->circuit();
        $added = [];
        foreach ($circuit === null ? [] : $site->feeds->pointsOn($circuit) as $point) {
            $cable = $site->feeds->feed($point)->cable;
            if ($cable?->added === true) {
                if ($point->kind !== PointKind::Junction) {
                    return false;
                }
                $added[] = $cable;
            }
        }

        return $added !== [] && array_sum(array_map(fn(Cable $cable): float => $cable->lengthFt ?? INF, $added)) <= self::MAX_FT;
    }

    public function uses(Edition $edition): array
    {
        return ['No more than ' . HowFar::said(self::MAX_FT, $edition->unit()) . ' of conductor'];
    }
}
