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
        $last = [];
        foreach (self::times($house) as [$id, $seconds]) {
            $last[$id] = max($last[$id] ?? 0, $seconds);
        }

        return $last;
    }

    /** @return list<DeviceEvent> devices put in and wires led elsewhere in the work in hand, in the order they were noted */
    public static function events(House $house): array
    {
        $isInHand = self::inHand($house);

        return array_values(array_filter(
            $house->entries->all(DeviceEvent::class),
            fn(DeviceEvent $event): bool => ($event->event->isAnotherDevice() || $event->event === DeviceEventKind::Wired)
                && $isInHand($event->atTime),
        ));
    }

    /** @return list<array{string, int}> each time something was worked on that is there: a point or circuit by id, and when */
    private static function times(House $house): array
    {
        $touched = array_map(
            fn(DeviceEvent $event): array => [$event->point ?? $event->circuit ?? '', $event->atTime],
            self::events($house),
        );
        $isInHand = self::inHand($house);
        foreach ($house->entries->all(BoxNoted::class) as $box) {
            $isApart = $box->state === BoxState::Apart || $box->state === BoxState::Capped;
            if ($isApart && $isInHand($box->atTime)) {
                $touched[] = [$box->point, $box->atTime];
            }
        }
        $times = [];
        foreach ($touched as [$id, $time]) {
            if ($house->hasPoint($id) || $house->hasCircuit($id)) {
                $times[] = [$id, Moment::seconds($time) ?? 0];
            }
        }

        return $times;
    }

    /** @return \Closure(string|null): bool whether what was noted then, ISO 8601, is of the work in hand; so is what has no time */
    private static function inHand(House $house): \Closure
    {
        $history = self::lastNoted($house) - self::WORK_SECONDS;

        return fn(?string $time): bool => (Moment::seconds($time) ?? PHP_INT_MAX) > $history;
    }

    /** When the work that is in hand began, in seconds since 1970; null where nothing was worked on, or no time was noted. */
    public static function began(House $house): ?int
    {
        $times = array_filter(array_column(self::times($house), 1), fn(int $seconds): bool => $seconds > 0);

        return $times === [] ? null : min($times);
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
