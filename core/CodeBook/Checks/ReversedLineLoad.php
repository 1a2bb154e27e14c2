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
use Bouclier\Core\Feed\Wiring;

/** The feed on LOAD: the device protects nothing, itself included. */
final class ReversedLineLoad implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['reversed_line_load' => new Finds(Hazard::Shock, Clauses::none(), isAcute: true)];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        return $site->feeds->wiring($site->point) === Wiring::Reversed
            ? [
                $this->found(
                    'reversed_line_load',
                    $site,
                    Severity::Error,
                    "The feed of {$site->point->code} is on LOAD: the device protects nothing, its own face included. Move the feed "
                        . 'to LINE.',
                ),
            ]
            : [];
    }
}
