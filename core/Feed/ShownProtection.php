<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\Feed\Observed\CallTest;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\BoxNoted;
use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\Entries\DeviceEventKind;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\Point;

/**
 * Protection that was seen to work: a TEST that took an outlet along, a tester's button that opened a device or breaker. It holds whether
 * or not the order of the run is known, until a box it rests on is taken apart, its device is changed, or the same test shows otherwise.
 */
final class ShownProtection
{
    private const BY_TEST = 'TEST at %s took it along';

    private const BY_BUTTON = "the tester's button here tripped %s";

    /** @var array<array<array<string|null>>> when it was shown, ISO 8601, by point, device or circuit, and by what */
    private array $shown = [];

    /** @var array<array<array<int>>> seconds at which the same test showed otherwise last, by the same */
    private array $ended = [];

    /** @var array<list<int>> seconds at which a box was taken apart or its device changed, by point */
    private array $rewired = [];

    public function __construct(private readonly House $house)
    {
        foreach ($house->entries->all(Seen::class) as $seen) {
            if ($seen->kind === SeenKind::Trip && $seen->at !== null) {
                $this->tested($seen->at, array_diff($seen->dead ?? [], $seen->alreadyDead ?? []), $seen->livePoints(), $seen->atTime);
            }
            if ($seen->kind === SeenKind::Button) {
                $this->pressed($seen->point, $seen->tripped ?? [], $seen->atTime);
            }
        }
        foreach (CallTest::all($house) as $test) {
            $this->readTest($test);
        }
        foreach ($house->entries->all(BoxNoted::class) as $box) {
            if ($box->state === BoxState::Apart || $box->state === BoxState::Capped) {
                $this->rewire($box->point, $box->atTime);
            }
        }
        foreach ($house->entries->all(DeviceEvent::class) as $event) {
            if ($event->event->isAnotherDevice() || $event->event === DeviceEventKind::Wired) {
                $this->rewire($event->point, $event->atTime);
            }
        }
    }

    public function isAnyAt(Point $point): bool
    {
        return ($this->shown[$point->id] ?? []) !== [];
    }

    /**
     * What was shown to protect an outlet.
     *
     * @param list<string> $boxes the point itself and what is known to lie on the way to it
     *
     * @return list<array{Point|Circuit, string}> devices, then breakers, with the fact in words
     */
    public function at(Point $point, array $boxes): array
    {
        $found = [[], []];
        foreach ($this->shown[$point->id] ?? [] as $id => $ways) {
            $device = (string) $id;
            $by = $this->find($device);
            if ($by === null) {
                continue;
            }
            foreach ($ways as $way => $at) {
                if (! $this->hasLapsed($at, [...$boxes, $device], $this->ended[$point->id][$device][$way] ?? null)) {
                    $said = sprintf($way, (new Codes($this->house))->either($device)) . Moment::at($at);
                    // One fact is enough, and the last one is the freshest.
                    $found[$by instanceof Circuit ? 1 : 0][$device] = [$by, $said];
                }
            }
        }

        return array_values([...$found[0], ...$found[1]]);
    }

    /** What a TEST of a call left dead was killed by it, unless it was dead before; what it did not, lives. */
    private function readTest(CallTest $test): void
    {
        $tripped = $test->reading->listed('tripped') ?? [];
        if ($test->do === 'tester_button') {
            $this->pressed($test->at, $tripped, $test->atTime);
        }
        $dead = $test->reading->listed('dead');
        if ($test->do !== 'press_test' || $test->at === null || $dead === null || ! in_array($test->at, $tripped, true)) {
            return;
        }
        $killed = array_filter($dead, fn(string $point): bool => ! $test->mayHaveBeenDead($point));
        $live = array_values(array_diff(array_map(fn(Point $point): string => $point->id, $this->house->points), $dead));
        $this->tested($test->at, $killed, $live, $test->atTime);
    }

    /**
     * @param array<string> $killed
     * @param list<string> $live
     */
    private function tested(string $device, array $killed, array $live, ?string $at): void
    {
        foreach ($live as $point) {
            $this->end($point, $device, self::BY_TEST, $at);
        }
        foreach (array_diff($killed, [$device]) as $point) {
            $this->note($point, $device, self::BY_TEST, $at);
        }
    }

    /** @param list<string> $devices that a tester's button at an outlet opened; another press of it speaks in the place of the last */
    private function pressed(?string $point, array $devices, ?string $at): void
    {
        if ($point === null) {
            return;
        }
        foreach (array_keys($this->shown[$point] ?? []) as $before) {
            if (! in_array((string) $before, $devices, true)) {
                $this->end($point, (string) $before, self::BY_BUTTON, $at);
            }
        }
        foreach (array_diff($devices, [$point]) as $device) {
            $this->note($point, $device, self::BY_BUTTON, $at);
        }
    }

    private function note(string $point, string $device, string $way, ?string $at): void
    {
        $this->shown[$point][$device][$way] = $at;
    }

    /** What was written before has ended; what is older, though written after, ends with its time. */
    private function end(string $point, string $device, string $way, ?string $at): void
    {
        $shown = Moment::seconds($this->shown[$point][$device][$way] ?? null);
        $seconds = Moment::seconds($at);
        if ($shown === null || $seconds === null || $seconds >= $shown) {
            unset($this->shown[$point][$device][$way]);
        }
        if ($seconds !== null) {
            $this->ended[$point][$device][$way] = max($seconds, $this->ended[$point][$device][$way] ?? $seconds);
        }
    }

    private function rewire(?string $point, ?string $at): void
    {
        $seconds = Moment::seconds($at);
        if ($point !== null && $seconds !== null) {
            $this->rewired[$point][] = $seconds;
        }
    }

    /** @param list<string> $boxes */
    private function hasLapsed(?string $at, array $boxes, ?int $ended): bool
    {
        $shown = Moment::seconds($at);
        $later = array_merge($ended === null ? [] : [$ended], ...array_map(fn(string $box): array => $this->rewired[$box] ?? [], $boxes));

        return $shown !== null && $later !== [] && max($later) > $shown;
    }

    private function find(string $id): Point|Circuit|null
    {
        return match (true) {
            $this->house->hasPoint($id) => $this->house->point($id),
            $this->house->hasCircuit($id) => $this->house->circuit($id),
            default => null,
        };
    }
}
