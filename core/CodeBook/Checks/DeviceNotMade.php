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

/** A protective receptacle of a rating nobody makes: whatever is there, it protects nothing that can be counted on. */
final class DeviceNotMade implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['device_not_made' => new Finds(Hazard::Shock, Clauses::none()->second())];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $point = $site->point;

        return $point->isDeviceMade() ? [] : [$this->found(
            'device_not_made',
            $site,
            Severity::Error,
            "{$point->code} is recorded as {$point->device->label()} of {$point->amps()} A and {$point->volts()} V: such receptacles "
                . 'are made ' . 'for 15 and 20 A at 125 V only. Look again; a breaker can protect it.',
        )];
    }
}
