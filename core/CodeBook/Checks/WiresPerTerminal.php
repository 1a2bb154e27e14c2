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
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;

/** Two wires under one end of a device: only as its maker allows. */
final class WiresPerTerminal implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['wires_per_terminal' => new Finds(Hazard::Fire, Clauses::none(), isAcute: true)];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        if (! $site->point->device->feedsThrough()) {
            return [];
        }
        $found = [];
        foreach ([Land::Line, Land::Load] as $end) {
            $hots = array_filter($site->feeds->landingsAt($site->point), fn(Landing $landing): bool => $landing->hot === $end);
            if (count($hots) > 1) {
                $found[] = $this->found(
                    'wires_per_terminal',
                    $site,
                    Severity::Advice,
                    "{$end->label()} of {$site->point->code} holds " . count($hots)
                        . ' hots. Two under one terminal only as its maker allows; else join them and run one pigtail.',
                );
            }
        }

        return $found;
    }
}
