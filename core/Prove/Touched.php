<?php

declare(strict_types=1);

namespace Bouclier\Core\Prove;

use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Entries\BoxNoted;
use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\Entries\DeviceEventKind;
use Bouclier\Core\House\Entries\DeviceTest;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\RoundAnswer;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;

/**
 * Outlets and breakers that were worked on: a device put in, a cable landed elsewhere, a box whose pairs were apart. What was noted of it
 * more than a year before the last thing that was is history.
 */
final class Touched
{
    private const WORK_SECONDS = 365 * 86_400;

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
        $history = self::lastNoted($house) - self::WORK_SECONDS;
        foreach ($touched as [$id, $time]) {
            $seconds = Moment::seconds($time);
            $isWork = $seconds === null || $seconds > $history;
            if ($id !== null && $isWork && ($house->hasPoint($id) || $house->hasCircuit($id))) {
                $last[$id] = max($last[$id] ?? 0, $seconds ?? 0);
            }
        }

        return $last;
    }

    /** When something was noted last of what is done and seen in the house, in seconds since 1970. */
    private static function lastNoted(House $house): int
    {
        $times = [];
        foreach ([DeviceEvent::class, BoxNoted::class, RoundAnswer::class, DeviceTest::class, MeterReading::class] as $kind) {
            foreach ($house->entries->all($kind) as $entry) {
                $times[] = Moment::seconds($entry->atTime) ?? 0;
            }
        }

        return max([0, ...$times]);
    }
}
