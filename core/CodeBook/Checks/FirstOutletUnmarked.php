<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\Nec\Section210_12\AfciWays;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\PointLabel;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/**
 * The box of an outlet-type AFCI at the first outlet wants a mark that says so, where the breaker at the origin relies on it (ways 2 to 4
 * of 210.12(A)). It satisfies all the same; an extension asks no mark.
 */
final class FirstOutletUnmarked implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['first_outlet_unmarked' => new Finds(Hazard::None, Clauses::everyNec('210.12(A)(2) to (4)')->second())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $point = $site->point;
        if (! self::isWanted($site, $judged) || in_array(PointLabel::FirstOutletAfci, $point->labels(), true)) {
            return [];
        }

        return [$this->found(
            'first_outlet_unmarked',
            $site,
            $site->work === Work::New ? Severity::Error : Severity::Warning,
            "{$point->code} holds the outlet-type AFCI of its circuit, and its box is not marked as the first outlet.",
        )];
    }

    /** Whether the mark is asked for there. */
    public static function isWanted(Site $site, PointAssessment $judged): bool
    {
        return $site->point->device->givesAfci()
            && $site->edition->isNec()
            && $site->work !== Work::Extend
            && $judged->demandsFor(Protection::Afci) !== []
            && AfciWays::wantsMark($site->point, $site->feeds);
    }
}
