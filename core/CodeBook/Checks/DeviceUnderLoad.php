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
use Bouclier\Core\Feed\Load;

/**
 * More runs at the face than the device is rated for, or more beyond its LOAD than its feed-through rating. A GFCI does not limit current:
 * it cooks without tripping.
 */
final class DeviceUnderLoad implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['device_under_load' => new Finds(Hazard::Fire, Clauses::none(), isAcute: true)];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $point = $site->point;
        $found = [];
        $face = Load::atFace($site->house, $point);
        if ($point->isReceptacle() && $face > $point->amps()) {
            $found[] = $this->found(
                'device_under_load',
                $site,
                Severity::Warning,
                sprintf('%s carries %.1f A at its face and is rated for %s A.', $point->code, $face, $point->amps()),
            );
        }
        $through = $point->device->feedsThrough() ? Load::beyondLoad($site->feeds, $point) : 0.0;
        if ($through > $point->feedThroughAmps()) {
            $found[] = $this->found('device_under_load', $site, Severity::Warning, sprintf(
                '%s feeds %.1f A through its LOAD side and is rated for %s A there.',
                $point->code,
                $through,
                $point->feedThroughAmps(),
            ));
        }

        return $found;
    }
}
