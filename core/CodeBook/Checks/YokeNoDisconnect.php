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

/** Two circuits on one yoke (210.7): with one breaker off the other half is still live, under the same plate. */
final class YokeNoDisconnect implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['yoke_no_disconnect' => new Finds(Hazard::Shock, Clauses::everyNec('210.7')->second())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $with = $site->point->yokeWith;
        $circuit = $site->circuit();
        $other = $with === null ? null : $site->feeds->feed($site->house->point($with))->circuit;
        if ($circuit === null || $other === null || $circuit->id === $other->id || ! $site->edition->isNec()) {
            return [];
        }
        $tied = $site->house->goOffTogether($circuit, $other);
        $said = "{$site->point->code} and {$site->house->point($with)->code} are one yoke on breakers {$circuit->slot} and {$other->slot}";

        return match ($tied) {
            true => [],
            false => [$this->found(
                'yoke_no_disconnect',
                $site,
                Severity::Error,
                "$said, which do not go off together: with one off, the other half is live behind the same plate.",
            )],
            null => [$this->found(
                'yoke_no_disconnect',
                $site,
                Severity::Advice,
                "$said; whether they go off together is not recorded.",
            )],
        };
    }
}
