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

/**
 * A one-pole protective breaker on a half of a multiwire circuit: the other half's current comes back through its neutral, or is missing
 * there, and it opens under load. It is no protection that holds.
 */
final class SharedNeutralProtection implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['shared_neutral_protection' => new Finds(Hazard::Shock, Clauses::none()->second())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $circuit = $site->circuit();
        if ($circuit?->multiwireWith === null || ! $site->isOutlet()) {
            return [];
        }
        $other = $site->house->circuit($circuit->multiwireWith);
        $watching = array_values(array_filter([$circuit, $other], $site->house->missesOtherHalf(...)));

        return $watching === [] ? [] : [$this->found(
            'shared_neutral_protection',
            $site,
            Severity::Error,
            "{$site->point->code} is on {$circuit->slot} {$circuit->label}, which shares its neutral with {$other->slot} {$other->label}. "
                . "Breaker {$watching[0]->slot} ({$watching[0]->breaker()->label()}) has one pole: it sees the current of "
                . 'the other half as missing and opens under load. One two-pole protective breaker on both halves holds, or devices beyond '
                . 'the split.',
        )];
    }
}
