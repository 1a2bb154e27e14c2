<?php

declare(strict_types=1);

namespace Bouclier\Core\Prove;

use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Entries\BoxNoted;
use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\Entries\DeviceEventKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;

/** Outlets and breakers that were worked on: a device put in, a cable landed elsewhere, a box whose pairs were apart. */
final class Touched
{
    /** @return array<int> when it was last, in seconds since 1970, by the id of a point or circuit; 0 where no time was noted */
    public static function in(House $house): array
    {
        $touched = [];
        foreach ($house->entries->all(DeviceEvent::class) as $event) {
            if ($event->event->isAnotherDevice() || $event->event === DeviceEventKind::Wired) {
                $touched[] = [$event->point ?? $event->circuit, $event->atTime];
            }
        }
        foreach ($house->entries->all(BoxNoted::class) as $box) {
            if ($box->state === BoxState::Apart || $box->state === BoxState::Capped) {
                $touched[] = [$box->point, $box->atTime];
            }
        }
        $last = [];
        foreach ($touched as [$id, $time]) {
            if ($id !== null && ($house->hasPoint($id) || $house->hasCircuit($id))) {
                $last[$id] = max($last[$id] ?? 0, Moment::seconds($time) ?? 0);
            }
        }

        return $last;
    }
}
