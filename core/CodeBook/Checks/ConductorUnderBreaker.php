<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\Feed\Gauge;

/** A wire thinner than its breaker allows (240.4(D)). */
final class ConductorUnderBreaker implements PointCheck
{
    public function clauses(): array
    {
        return ['conductor_under_breaker' => Clauses::everyNec('240.4(D)')];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $feed = $site->feeds->feed($site->point);
        $cable = $feed->cable;
        if ($cable === null || $cable->awg === null || $feed->circuit === null || $feed->circuit->amps <= Gauge::maxAmps($cable->awg)) {
            return [];
        }

        return [new Finding(
            'conductor_under_breaker',
            Severity::Error,
            $this->clauses()['conductor_under_breaker']->in($site->edition),
            sprintf(
                'The cable to %s is %d AWG, good for %s A, on a %s A breaker.',
                $site->point->code,
                $cable->awg,
                Gauge::maxAmps($cable->awg),
                $feed->circuit->amps,
            ),
        )];
    }
}
