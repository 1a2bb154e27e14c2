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
use Bouclier\Core\House\Connector;

/** A connector on a wire it is not rated for: a heavy wire under a light connector works loose. */
final class ConnectorOutOfRange implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['connector_out_of_range' => new Finds(Hazard::Fire, Clauses::none(), isAcute: true)];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $gauges = array_values(array_unique(array_map($site->feeds->awg(...), $site->feeds->cablesAt($site->point))));
        $found = [];
        foreach ($site->point->box?->connectors() ?? [] as $connector) {
            $outside = array_values(array_filter($gauges, fn(int $awg): bool => ! self::takes($connector, $awg)));
            if ($outside !== []) {
                $found[] = $this->found(
                    'connector_out_of_range',
                    $site,
                    Severity::Warning,
                    "The {$connector->kind} connector in the box of {$site->point->code} is not rated for {$outside[0]} AWG.",
                );
            }
        }

        return $found;
    }

    /** A range is given by its ends, or wire by wire; one number is the heaviest it takes. What is not said is not judged. */
    private static function takes(Connector $connector, int $awg): bool
    {
        $rated = $connector->ratedAwg;

        return match (true) {
            $rated === null || $rated === [] => true,
            is_int($rated) => $awg >= $rated,
            default => $awg >= min($rated) && $awg <= max($rated),
        };
    }
}
