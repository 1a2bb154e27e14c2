<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\Entries\DeviceEventKind;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** Devices and breakers that are others after some work: it is noted at each, for what was shown of the one before holds no more. */
final class Replaced
{
    public static function noted(House $before, House $after, Asker $by): House
    {
        $noted = [];
        $event = fn(bool $isNew, ?string $point, ?string $circuit): DeviceEvent => new DeviceEvent(
            $isNew ? DeviceEventKind::Installed : DeviceEventKind::Replaced,
            circuit: $circuit,
            point: $point,
            atTime: $by->now,
            who: $by->name,
        );
        foreach ($after->points as $point) {
            $isNew = ! $before->hasPoint($point->id);
            if ($isNew || $before->point($point->id)->device !== $point->device) {
                $noted[] = $event($isNew, $point->id, null);
            }
        }
        foreach ($after->circuits as $circuit) {
            $isNew = ! $before->hasCircuit($circuit->id);
            if ($isNew || $before->circuit($circuit->id)->breaker() !== $circuit->breaker()) {
                $noted[] = $event($isNew, null, $circuit->id);
            }
        }

        return $after->withEntry(...$noted);
    }
}
