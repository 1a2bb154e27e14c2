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
use Bouclier\Core\House\Yoke;

/** A receptacle whose rating does not go with its circuit (Table 210.21(B)(3), 210.21(B)(1)). */
final class DeviceOverCircuit implements PointCheck
{
    use Found;

    /** Ratings of two or more receptacles by the circuit's, in A. A duplex is two. */
    private const ALLOWED = [15 => [15.0], 20 => [15.0, 20.0], 30 => [30.0], 40 => [40.0, 50.0], 50 => [50.0]];

    public function finds(): array
    {
        return [
            'device_over_circuit' => new Finds(Hazard::Fire, Clauses::everyNec('Table 210.21(B)(3)')),
            'device_over_circuit, canada' => new Finds(Hazard::Fire, Clauses::cec(null)->likely()),
            'device_over_circuit, single' => new Finds(Hazard::Fire, Clauses::everyNec('210.21(B)(1)')),
        ];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $circuit = $site->circuit();
        if ($circuit === null || ! $site->point->isReceptacle()) {
            return [];
        }
        $amps = $site->point->amps();
        if (! $site->edition->isNec()) {
            return $amps === 20.0 && $circuit->amps === 15.0
                ? [
                    $this->found(
                        'device_over_circuit, canada',
                        $site,
                        Severity::ofFault($site->work),
                        "{$site->point->code} is a 20 A receptacle on a 15 A circuit.",
                    ),
                ]
                : [];
        }
        $receptacles = array_filter($site->feeds->pointsOn($circuit), fn(Point $point): bool => $point->isReceptacle());
        if (count($receptacles) === 1 && $site->point->yoke() === Yoke::Single) {
            return $amps >= $circuit->amps
                ? []
                : [
                    $this->found(
                        'device_over_circuit, single',
                        $site,
                        Severity::Error,
                        "{$site->point->code} is a single {$amps} A receptacle alone on a {$circuit->amps} A circuit: it may not be "
                            . 'rated less than the circuit.',
                    ),
                ];
        }
        $allowed = self::ALLOWED[(int) $circuit->amps] ?? null;

        return $allowed === null || in_array($amps, $allowed, true)
            ? []
            : [
                $this->found(
                    'device_over_circuit',
                    $site,
                    Severity::Error,
                    "{$site->point->code} is a {$amps} A receptacle on a {$circuit->amps} A circuit, which takes "
                        . implode(' or ', $allowed) . ' A receptacles.',
                ),
            ];
    }
}
