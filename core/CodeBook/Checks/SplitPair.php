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
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Landing;

/** Hot and neutral of one cable on different ends of a device: it trips as soon as something runs, and protects nothing beyond. */
final class SplitPair implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['split_pair' => new Finds(Hazard::Shock, Clauses::none())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $said = array_map(fn(Cable $cable): string => self::landing($site, $cable), $site->feeds->splitPairsAt($site->point));

        return $said === []
            ? []
            : [
                $this->found('split_pair', $site, Severity::Error, "At {$site->point->code} " . implode('; ', $said)
                        . '. Hot and neutral of one cable belong on the same end: what hangs on such a pair reads as a fault, and '
                        . 'nothing beyond it is protected.'),
            ];
    }

    private static function landing(Site $site, Cable $cable): string
    {
        if ($cable->to->point === $site->point->id) {
            return 'the feed has ' . self::spoken($cable->landingAtEnd());
        }
        $there = $site->house->point($cable->to->point);
        $landing = $cable->from instanceof CableEnd ? $cable->from->land() : null;

        return "the cable to {$there->code} has " . ($landing === null ? '' : self::spoken($landing));
    }

    private static function spoken(Landing $landing): string
    {
        return "its hot on {$landing->hot->label()} and its neutral on {$landing->neutral->label()}";
    }
}
