<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;

/** Since when the device of a place is the one that is there: what was shown before was shown of another. */
final class DeviceChanges
{
    /** @return array<int> seconds since 1970, by the id of a point or circuit; none where it was never changed */
    public static function in(House $house): array
    {
        $changed = [];
        foreach ($house->entries->all(DeviceEvent::class) as $event) {
            if ($event->event->isAnotherDevice()) {
                $at = $event->point ?? $event->circuit ?? '';
                $changed[$at] = max($changed[$at] ?? 0, Moment::seconds($event->atTime) ?? 0);
            }
        }

        return $changed;
    }
}
