<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Yoke;

/** A receptacle whose rating does not go with its circuit (Table 210.21(B)(3), 210.21(B)(1)). */
final class DeviceOverCircuit implements PointCheck
{
    /** Ratings of two or more receptacles by the circuit's, in A. A duplex is two. */
    private const ALLOWED = [15 => [15.0], 20 => [15.0, 20.0], 30 => [30.0], 40 => [40.0, 50.0], 50 => [50.0]];

    public function clauses(): array
    {
        return [
            'device_over_circuit' => Clauses::everyNec('Table 210.21(B)(3)'),
            'device_over_circuit, single' => Clauses::everyNec('210.21(B)(1)'),
        ];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $circuit = $site->circuit();
        if ($circuit === null || ! $site->point->isReceptacle() || ! $site->edition->isNec()) {
            return [];
        }
        $amps = $site->point->amps();
        $receptacles = array_filter($site->feeds->pointsOn($circuit), fn(Point $point): bool => $point->isReceptacle());
        if (count($receptacles) === 1 && $site->point->yoke() === Yoke::Single) {
            return $amps >= $circuit->amps
                ? []
                : [
                    new Finding(
                        'device_over_circuit',
                        Severity::Error,
                        $this->clauses()['device_over_circuit, single']->in($site->edition),
                        "{$site->point->code} is a single {$amps} A receptacle alone on a {$circuit->amps} A circuit: it may not be "
                            . 'rated less than the circuit.',
                    ),
                ];
        }
        $allowed = self::ALLOWED[(int) $circuit->amps] ?? null;

        return $allowed === null || in_array($amps, $allowed, true)
            ? []
            : [
                new Finding(
                    'device_over_circuit',
                    Severity::Error,
                    $this->clauses()['device_over_circuit']->in($site->edition),
                    "{$site->point->code} is a {$amps} A receptacle on a {$circuit->amps} A circuit, which takes "
                        . implode(' or ', $allowed) . ' A receptacles.',
                ),
            ];
    }
}
