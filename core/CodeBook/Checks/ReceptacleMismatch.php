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
use Bouclier\Core\House\Point;

/** A receptacle that does not go with its circuit: in volts, or a large one alone on a larger circuit (210.21(B)). */
final class ReceptacleMismatch implements PointCheck
{
    use Found;

    /** From this rating on a receptacle is not one of several. */
    private const LARGE_AMPS = 20.0;

    public function finds(): array
    {
        return [
            'receptacle_mismatch' => new Finds(Hazard::Shock, Clauses::everyNec('Table 210.21(B)(2), (3)')->second(), isAcute: true),
            'receptacle_mismatch, alone' => new Finds(Hazard::Fire, Clauses::everyNec('210.21(B)(1)')->second()),
        ];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $circuit = $site->circuit();
        $point = $site->point;
        if ($circuit === null || ! $point->isReceptacle() || ! $site->edition->isNec()) {
            return [];
        }
        $on = "a circuit of {$circuit->volts()} V";
        if ($point->volts !== null && ($point->volts > 200.0) !== ($circuit->volts() > 200.0)) {
            return [$this->found(
                'receptacle_mismatch',
                $site,
                Severity::Error,
                "{$point->code} is a receptacle for {$point->volts} V on $on.",
            )];
        }
        $others = array_filter(
            $site->feeds->pointsOn($circuit),
            fn(Point $other): bool => $other->isReceptacle() && $other->id !== $point->id,
        );

        return $point->amps() > self::LARGE_AMPS && $point->amps() < $circuit->amps && $others === []
            ? [$this->found(
                'receptacle_mismatch, alone',
                $site,
                Severity::Error,
                "{$point->code} is a {$point->amps()} A receptacle alone on a circuit of {$circuit->amps} A: it may not be rated less.",
            )]
            : [];
    }
}
