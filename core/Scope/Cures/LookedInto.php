<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;

/** What was read is put right as it is found, and read again: only that clears it. */
final class LookedInto implements Cure
{
    public static function cures(): array
    {
        return ['test_failed', 'trip_slow', 'reads_wrong', 'amendment_unmatched', 'reversed_as_found'];
    }

    public static function ways(Ailment $of): iterable
    {
        $point = $of->point;
        $circuit = $of->circuit();
        $isTest = in_array($of->finding->id, ['test_failed', 'trip_slow'], true);
        yield match (true) {
            $isTest && $point !== null && $point->device->feedsThrough() => new Remedy(
                "A new device at {$point->code}, and its test.",
                [new Step(Task::Swap, Item::device($point->device), new Spot(point: $point->id), finish: Step::finish($point))],
                $of->house,
                true,
            ),
            $isTest && $point === null && $circuit !== null && $circuit->breaker() !== BreakerType::Fuse => new Remedy(
                "A new breaker at {$circuit->slot} {$circuit->label}, and its test.",
                [Step::atCircuit($circuit->id, Task::Breaker, Item::breaker($circuit->breaker()))],
                $of->house,
                true,
            ),
            $of->finding->id === 'amendment_unmatched' => new Remedy(
                'Ask the authority which rule is meant, and write it down.',
                [new Step(Task::Record, null, new Spot())],
                $of->house,
                true,
            ),
            $of->finding->id === 'reversed_as_found' => new Remedy(
                "Land {$point?->code} by the meter, and test it.",
                [new Step(Task::Rewire, null, new Spot(point: $point?->id))],
                $of->house,
                true,
            ),
            default => new Remedy(
                'Find why it reads so, put it right, and read it again' . ($point === null ? '.' : " at {$point->code}."),
                [new Step(Task::Look, null, new Spot(point: $point?->id, circuit: $point === null ? $circuit?->id : null))],
                $of->house,
                true,
            ),
        };
    }
}
