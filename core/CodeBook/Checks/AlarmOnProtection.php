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
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** The supply of a fire alarm system on a GFCI or AFCI: a trip would silence it (760.41(B), 760.121(B)). */
final class AlarmOnProtection implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['alarm_on_protection' => new Finds(Hazard::Dark, Clauses::everyNec('760.41(B), 760.121(B)'))];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $guards = [...$judged->guards(Protection::Gfci), ...$judged->guards(Protection::Afci)];
        if (! $site->serves(Serves::FireAlarm) || $guards === []) {
            return [];
        }
        $by = implode(' and ', array_unique(array_map(fn(Guard $guard): string => $guard->spoken(), $guards)));

        return [
            $this->found(
                'alarm_on_protection',
                $site,
                Severity::Error,
                "{$site->point->code} supplies a fire alarm system and hangs on $by: a trip would silence it. Feed it past.",
            ),
        ];
    }
}
