<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\Entries\BoxNoted;
use Bouclier\Core\House\Entries\ClosedCall;
use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\Entries\DeviceEventKind;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\Point;

/**
 * Protection that was seen to work: a TEST that took an outlet along, a tester's button that opened a device or breaker. It holds whether
 * or not the order of the run is known, until a box it rests on is taken apart or its device changed.
 */
final class ShownProtection
{
    private const BY_TEST = 'TEST at %s took it along';

    /** @var array<array<array{string, string|null}>> in words and when, by point and device or circuit */
    private array $shown = [];

    /** @var array<list<int>> seconds at which a box was taken apart or its device changed, by point */
    private array $rewired = [];

    public function __construct(private readonly House $house)
    {
        foreach ($house->entries->all(Seen::class) as $seen) {
            if ($seen->kind === SeenKind::Trip && $seen->at !== null) {
                foreach (array_diff($seen->dead ?? [], $seen->alreadyDead ?? [], [$seen->at]) as $point) {
                    $this->note($point, $seen->at, self::BY_TEST, $seen->atTime);
                }
            }
            if ($seen->kind === SeenKind::Button) {
                $this->pressed($seen->point, $seen->tripped ?? [], $seen->atTime);
            }
        }
        foreach ($house->entries->all(ClosedCall::class) as $call) {
            $this->readTests($call->symptom, $call->tests ?? []);
        }
        $this->readTests($house->call->symptom, $house->entries->all(TestDone::class));
        foreach ($house->entries->all(BoxNoted::class) as $box) {
            if ($box->state === BoxState::Apart || $box->state === BoxState::Capped) {
                $this->rewire($box->point, $box->atTime);
            }
        }
        foreach ($house->entries->all(DeviceEvent::class) as $event) {
            if (in_array($event->event, [DeviceEventKind::Installed, DeviceEventKind::Replaced, DeviceEventKind::Wired], true)) {
                $this->rewire($event->point, $event->atTime);
            }
        }
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
        foreach ($this->shown[$point->id] ?? [] as $device => [$words, $at]) {
            $by = $this->find((string) $device);
            if ($by !== null && ! $this->hasLapsed($at, [...$boxes, (string) $device])) {
                $said = sprintf($words, (new Codes($this->house))->either((string) $device)) . Moment::at($at);
                $found[$by instanceof Circuit ? 1 : 0][] = [$by, $said];
            }
        }

        return [...$found[0], ...$found[1]];
    }

    /**
     * Tests of a call: what a TEST left dead was killed by it, unless it was dead before.
     *
     * @param list<TestDone> $tests
     */
    private function readTests(?Complaint $about, array $tests): void
    {
        $dead = [$about?->at];
        foreach ($tests as $test) {
            $do = $test->action->text('do');
            $at = $test->action->spot('at');
            $device = $at->point ?? $at->circuit ?? null;
            $now = $test->reading->listed('dead') ?? [];
            $tripped = $test->reading->listed('tripped') ?? [];
            if ($do === 'press_test' && $device !== null && in_array($device, $tripped, true)) {
                foreach (array_diff($now, $dead, [$device]) as $point) {
                    $this->note($point, $device, self::BY_TEST, $test->atTime);
                }
            }
            if ($do === 'tester_button') {
                $this->pressed($at?->point, $tripped, $test->atTime);
            }
            $dead = match ($do) {
                'press_test', 'walk' => $now,
                // What came back, nobody looked at.
                'reset', 'breaker' => [],
                default => $dead,
            };
        }
    }

    /** @param list<string> $devices that a tester's button at an outlet opened */
    private function pressed(?string $point, array $devices, ?string $at): void
    {
        foreach ($devices as $device) {
            if ($point !== null && $device !== $point) {
                $this->note($point, $device, "the tester's button here tripped %s", $at);
            }
        }
    }

    private function note(string $point, string $device, string $words, ?string $at): void
    {
        $this->shown[$point][$device] = [$words, $at];
    }

    private function rewire(?string $point, ?string $at): void
    {
        $seconds = Moment::seconds($at);
        if ($point !== null && $seconds !== null) {
            $this->rewired[$point][] = $seconds;
        }
    }

    /** @param list<string> $boxes */
    private function hasLapsed(?string $at, array $boxes): bool
    {
        $shown = Moment::seconds($at);
        $later = array_merge([], ...array_map(fn(string $box): array => $this->rewired[$box] ?? [], $boxes));

        return $shown !== null && $later !== [] && max($later) > $shown;
    }

    private function find(string $id): Point|Circuit|null
    {
        if ($this->house->hasPoint($id)) {
            return $this->house->point($id);
        }
        foreach ($this->house->circuits as $circuit) {
            if ($circuit->id === $id) {
                return $circuit;
            }
        }

        return null;
    }
}
