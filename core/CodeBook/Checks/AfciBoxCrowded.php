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
use Bouclier\Core\Feed\Observed\BoxOpened;
use Bouclier\Core\House\Cable;

/** The box of an outlet-type AFCI: no more than four current-carrying wires, and no cable with more than two besides ground. */
final class AfciBoxCrowded implements PointCheck
{
    use Found;

    private const MOST_WIRES = 4;

    private const WIRES_OF_A_PAIR = 2;

    public function finds(): array
    {
        return ['afci_box_crowded' => new Finds(Hazard::Fire, Clauses::none())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        if (! $site->point->device->givesAfci()) {
            return [];
        }
        $wires = array_map(fn(Cable $cable): int => $cable->conductors ?? self::WIRES_OF_A_PAIR, $site->feeds->cablesAt($site->point));
        // Pairs that were counted are there, drawn or not.
        $counted = self::WIRES_OF_A_PAIR * (BoxOpened::countedAt($site->house, $site->point) ?? 0);
        $count = max(array_sum($wires), $counted);
        $code = $site->point->code;
        $why = match (true) {
            $wires !== []
                && max($wires) > self::WIRES_OF_A_PAIR => 'A cable with more than two conductors besides ground runs into the box of '
                    . "$code: an outlet-type AFCI is not made for that.",
            $count > self::MOST_WIRES => "The box of $code holds $count"
                . ' current-carrying wires: an outlet-type AFCI allows four.',
            default => null,
        };

        return $why === null ? [] : [$this->found('afci_box_crowded', $site, Severity::Warning, $why)];
    }
}
