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
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;

/** A light beyond the LOAD side of a receptacle: a trip darkens the room. */
final class LightsBeyondLoad implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['lights_beyond_load' => new Finds(Hazard::Dark, Clauses::none())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        if ($site->point->kind !== PointKind::Light || $judged->demandsFor(Protection::Gfci) !== []) {
            return [];
        }
        foreach ($judged->guards(Protection::Gfci) as $guard) {
            if (! $guard->isBreaker() && $guard->id() !== $site->point->id) {
                return [
                    $this->found(
                        'lights_beyond_load',
                        $site,
                        Severity::Warning,
                        "{$site->point->code} is a light beyond the LOAD of {$guard->spoken()}: when that trips, the room is dark.",
                    ),
                ];
            }
        }

        return [];
    }
}
