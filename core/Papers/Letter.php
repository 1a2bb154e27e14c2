<?php

declare(strict_types=1);

namespace Bouclier\Core\Papers;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Concerns\Concern;
use Bouclier\Core\CodeBook\Concerns\Concerns;
use Bouclier\Core\CodeBook\Concerns\Urgency;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\DeviceEventKind;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Manners;
use Bouclier\Core\House\Point;
use Bouclier\Core\Keep\ProtectiveDevices;
use Bouclier\Core\Prove\Touched;
use Bouclier\Core\Scope\Plain;

/** The letter to the customer: what was found, what was done, what is left, and how to test and reset. No word of the trade. */
final readonly class Letter
{
    /** Of each list: what goes on one page. */
    private const LINES = 6;

    /**
     * @param list<string> $found what could hurt or is asked, as it was before the work
     * @param list<string> $done
     * @param list<string> $left
     * @param list<string> $devices how each is tested and reset
     * @param array{danger: int, asked: int} $before at how many places something could hurt, or was asked for
     * @param array{danger: int, asked: int} $after
     */
    private function __construct(
        public array $found,
        public array $done,
        public array $left,
        public array $devices,
        public array $before,
        public array $after,
    ) {
    }

    /** @param House $before as the house was found */
    public static function of(House $before, House $now): self
    {
        $was = self::concerns($before);
        $is = self::concerns($now);
        $open = array_map(
            fn(OpenItem $item): string => self::place($now, $item->point) . implode(' ', array_filter([
                rtrim($item->text, '.') . '.',
                $item->interim === null ? null : 'For now: ' . rtrim($item->interim, '.') . '.',
                $item->due === null ? null : "Until {$item->due}.",
            ], is_string(...))),
            array_values(array_filter($now->entries->all(OpenItem::class), fn(OpenItem $item): bool => $item->isOpen())),
        );

        return new self(
            self::shortened(self::plain($before, $was)),
            self::shortened(self::done($now)),
            self::shortened([...$open, ...self::plain($now, $is)]),
            self::howTo(ProtectiveDevices::of($now)),
            self::counted($was),
            self::counted($is),
        );
    }

    /** @return list<Concern> what can hurt, and what the code asks */
    private static function concerns(House $house): array
    {
        $feeds = new FeedMap($house);

        return array_values(array_filter(
            Concerns::of((new Assess($house, feeds: $feeds))->house(), $feeds),
            fn(Concern $concern): bool => $concern->urgency !== Urgency::Advice,
        ));
    }

    /**
     * Each place once, whatever is wrong there; what is wrong at no outlet, as at a breaker, is a place of its own.
     *
     * @param list<Concern> $concerns
     *
     * @return array{danger: int, asked: int}
     */
    private static function counted(array $concerns): array
    {
        $danger = $asked = [];
        foreach ($concerns as $number => $concern) {
            foreach ($concern->points === [] ? ["concern $number"] : $concern->points as $place) {
                $concern->urgency === Urgency::Danger ? $danger[$place] = true : $asked[$place] = true;
            }
        }

        return ['danger' => count($danger), 'asked' => count($asked)];
    }

    /**
     * One line for each thing that is wrong, with the rooms it is in.
     *
     * @param list<Concern> $concerns
     *
     * @return list<string>
     */
    private static function plain(House $house, array $concerns): array
    {
        $rooms = [];
        foreach ($concerns as $concern) {
            $said = Plain::of($concern->finding);
            $rooms[$said] ??= [];
            foreach (array_filter($concern->points, $house->hasPoint(...)) as $point) {
                $rooms[$said][$house->areaOf($house->point($point))->name] = true;
            }
        }

        return array_map(
            fn(string $said, array $in): string => $in === [] ? $said : rtrim($said, '.') . ': ' . implode(', ', array_keys($in)) . '.',
            array_keys($rooms),
            array_values($rooms),
        );
    }

    /** @return list<string> */
    private static function done(House $house): array
    {
        $done = [];
        foreach (Touched::events($house) as $event) {
            if ($event->event->isAnotherDevice() && $event->point !== null && $house->hasPoint($event->point)) {
                $point = $house->point($event->point);
                $done["point {$point->id}"] = "A new outlet or device: {$point->name}, {$house->areaOf($point)->name} ({$point->code}).";
            } elseif ($event->event->isAnotherDevice() && $event->circuit !== null && $house->hasCircuit($event->circuit)) {
                $circuit = $house->circuit($event->circuit);
                $done["circuit {$circuit->id}"] = "A new breaker: {$circuit->label} (number {$circuit->slot} in the panel).";
            } elseif ($event->event === DeviceEventKind::Wired && $event->point !== null && $house->hasPoint($event->point)) {
                $point = $house->point($event->point);
                $done["point {$point->id}"] ??= "Wires put right: {$point->name}, {$house->areaOf($point)->name} ({$point->code}).";
            }
        }

        return array_values($done);
    }

    /**
     * @param list<Point|Circuit> $devices
     *
     * @return list<string> those that are handled alike together
     */
    private static function howTo(array $devices): array
    {
        $alike = [];
        foreach ($devices as $device) {
            $how = $device instanceof Point
                ? 'Press TEST, it goes dead; then ' . Manners::reset($device) . '.'
                : 'Press TEST on it, its handle moves; then turn it fully off, then on, once.';
            $alike[$how][] = $device instanceof Point
                ? "{$device->code} ({$device->name})"
                : "breaker {$device->slot} ({$device->label})";
        }

        return array_map(
            fn(string $how, array $names): string => $how . ' So with ' . implode(', ', $names) . '.',
            array_keys($alike),
            array_values($alike),
        );
    }

    private static function place(House $house, ?string $point): string
    {
        return $point !== null && $house->hasPoint($point) ? "{$house->areaOf($house->point($point))->name}: " : '';
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string>
     */
    private static function shortened(array $lines): array
    {
        $more = count($lines) - self::LINES;

        return $more <= 1 ? $lines : [...array_slice($lines, 0, self::LINES), "And $more more, in the test record."];
    }
}
