<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/**
 * Three slots and no ground behind them (406.4(A), 250.130(C)), what a survey found at the outlet deciding. A replacement may stay so
 * behind or as a GFCI (406.4(D)(2)); two slots may be replaced in kind.
 */
final class UngroundedReceptacle implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return [
            'ungrounded_receptacle' => new Finds(Hazard::Shock, Clauses::everyNec('406.4(A), 250.130(C)')->second(), isAcute: true),
            'ungrounded_receptacle, replaced' => new Finds(Hazard::Shock, Clauses::everyNec('406.4(D)(2)')->second(), isAcute: true),
            'ungrounded_receptacle, two slots' => new Finds(Hazard::Shock, Clauses::none()->second()),
            'not_grounding_type' => new Finds(Hazard::Shock, Clauses::everyNec('406.4(A)')->second()),
        ];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $code = $site->point->code;
        $laid = self::isLaid($site);
        $two = $site->point->slots() === 2;
        $severity = self::severity($site, $judged);
        if ($severity !== null) {
            return [match (true) {
                $laid => $this->found(
                    'ungrounded_receptacle',
                    $site,
                    $severity,
                    "$code has three slots and no ground behind them: new wiring brings one, and no label stands in for it.",
                ),
                $two => $this->found(
                    'ungrounded_receptacle, two slots',
                    $site,
                    $severity,
                    "$code has two slots and no ground, which may stay as it is: a GFCI before it or in it would make it safer.",
                ),
                default => $this->found(
                    'ungrounded_receptacle, replaced',
                    $site,
                    $severity,
                    "$code has three holes and no ground, the commonest fault of old houses: it looks grounded and is not. A GFCI "
                        . 'before it or ' . 'in it, with its labels, two slots, or a ground run in.',
                ),
            }];
        }

        return $laid && $two && $site->point->isReceptacle()
            ? [
                $this->found(
                    'not_grounding_type',
                    $site,
                    Severity::Error,
                    "$code has two slots: a new receptacle is of the grounding type.",
                ),
            ]
            : [];
    }

    /** How bad it is that three slots have no ground; null where they have one, or may be without. */
    public static function severity(Site $site, PointAssessment $judged): ?Severity
    {
        $point = $site->point;
        if ($point->ground() !== GroundPath::None || ! $point->isReceptacle()) {
            return null;
        }
        if (self::isLaid($site)) {
            return $point->slots() === 3 ? Severity::Error : null;
        }
        if ($judged->guards(Protection::Gfci) !== [] || ! $site->isCordReceptacle(250.0)) {
            return null;
        }

        return match (true) {
            $point->slots() === 3 => Severity::ofFault($site->work),
            $site->work === Work::Existing => Severity::Advice,
            default => null,
        };
    }

    private static function isLaid(Site $site): bool
    {
        return $site->work === Work::New || $site->work === Work::Extend;
    }
}
