<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
use Bouclier\Core\House\PairMeans;
use Bouclier\Core\House\Point;

/** The `observations` of a house file. The schema has seen their shape; here it is checked that they speak of things that are there. */
final class Observations
{
    /** @var array<int, Observation> by their place in the file, those that speak of something that is not there left out */
    public array $seen = [];

    /** @var list<FileFault> */
    public array $faults = [];

    /** @var array<int> pairs counted, by point id */
    private array $opened = [];

    private function __construct(private House $house)
    {
    }

    /** Read once for each house: many ask, and a house does not change. */
    public static function of(House $house): self
    {
        /** @var \WeakMap<House, self> $read */
        static $read = new \WeakMap();

        return $read[$house] ??= self::read($house);
    }

    private static function read(House $house): self
    {
        $observations = new self($house);
        foreach ($house->entries->all(Seen::class) as $index => $seen) {
            $before = count($observations->faults);
            $observation = $observations->observation($seen, "/observations/$index");
            if (count($observations->faults) === $before) {
                $observations->seen[$index] = $observation;
            }
        }

        // What is kept beside a house must not keep the house.
        unset($observations->house);

        return $observations;
    }

    private function observation(Seen $seen, string $pointer): Observation
    {
        return match ($seen->kind) {
            SeenKind::Off => new CircuitOff(
                $this->circuit($seen->circuit, "$pointer/circuit"),
                $this->points($seen->dead, "$pointer/dead"),
                $this->points($seen->livePoints(), "$pointer/live"),
            ),
            SeenKind::Trip => $this->trip($seen, $pointer),
            SeenKind::Button => new ButtonPressed($this->point($seen, $pointer), $this->devices($seen, $pointer)),
            SeenKind::Open => $this->open($seen, $pointer),
            SeenKind::Lift => $this->lift($seen, $pointer),
            SeenKind::Pair => $this->pair($seen, $pointer),
        };
    }

    /** A GFCI or dual breaker that is tested takes its circuit off. */
    private function trip(Seen $seen, string $pointer): Observation
    {
        $at = $seen->at ?? '';
        $dead = $this->points($seen->dead, "$pointer/dead");
        $live = $this->points($seen->livePoints(), "$pointer/live");
        $before = $this->points($seen->alreadyDead, "$pointer/already_dead");
        $this->points($seen->back, "$pointer/back");
        $circuit = $this->find($this->house->circuits, $at);
        if ($circuit !== null) {
            if (! $circuit->breaker()->givesGfci() && ! $circuit->breaker()->givesAfci()) {
                $this->faults[] = new FileFault("$pointer/at", "the breaker of \"$at\" has no TEST to press");
            }

            return new CircuitOff($at, array_values(array_diff($dead, $before)), $live);
        }
        if (! $this->house->hasPoint($at)) {
            $this->faults[] = new FileFault("$pointer/at", "there is no point or circuit \"$at\"");
        } elseif (! $this->house->point($at)->device->feedsThrough()) {
            $this->faults[] = new FileFault("$pointer/at", "\"$at\" is no protective device");
        }

        return new DeviceTripped($at, $dead, $live, $before);
    }

    private function open(Seen $seen, string $pointer): Observation
    {
        $point = $this->point($seen, $pointer);
        $pairs = $seen->pairs ?? 0;
        if ($pairs < 1 || $pairs > 26) {
            $this->faults[] = new FileFault("$pointer/pairs", 'a box that is fed has at least one pair, and 26 are named at most');
        }
        $this->opened[$point] = max($pairs, $this->opened[$point] ?? 0);

        return new BoxOpened($point, max(1, $pairs));
    }

    private function lift(Seen $seen, string $pointer): Observation
    {
        $point = $this->point($seen, $pointer);

        return new PairLifted(
            $point,
            $this->pairOf($point, $seen, $pointer),
            $this->points($seen->dead, "$pointer/dead"),
            $this->points($seen->livePoints(), "$pointer/live"),
        );
    }

    private function pair(Seen $seen, string $pointer): Observation
    {
        $point = $this->point($seen, $pointer);

        return new PairRead($point, $this->pairOf($point, $seen, $pointer), $seen->live === true, $seen->by ?? PairMeans::Mark);
    }

    private function pairOf(string $point, Seen $seen, string $pointer): string
    {
        $pair = $seen->pair ?? '';
        $count = $this->opened[$point] ?? null;
        if ($count === null) {
            $this->faults[] = new FileFault("$pointer/point", "the box of \"$point\" was not opened before");
        } elseif (preg_match('/^[a-z]$/', $pair) !== 1 || ord($pair) - ord('a') >= $count) {
            $this->faults[] = new FileFault("$pointer/pair", "\"$pair\" is none of the $count pairs counted there");
        }

        return $pair;
    }

    private function point(Seen $seen, string $pointer): string
    {
        $id = $seen->point ?? '';
        if (! $this->house->hasPoint($id)) {
            $this->faults[] = new FileFault("$pointer/point", "there is no point \"$id\"");
        }

        return $id;
    }

    private function circuit(?string $id, string $pointer): string
    {
        if ($this->find($this->house->circuits, $id ?? '') === null) {
            $this->faults[] = new FileFault($pointer, "there is no circuit \"$id\"");
        }

        return $id ?? '';
    }

    /**
     * @param list<string>|null $ids
     *
     * @return list<string> those that are there
     */
    private function points(?array $ids, string $pointer): array
    {
        $found = [];
        foreach ($ids ?? [] as $place => $id) {
            if ($this->house->hasPoint($id)) {
                $found[] = $id;
            } else {
                $this->faults[] = new FileFault("$pointer/$place", "there is no point \"$id\"");
            }
        }

        return $found;
    }

    /** @return list<string> protective points and circuits */
    private function devices(Seen $seen, string $pointer): array
    {
        $ids = [];
        foreach ($seen->tripped ?? [] as $place => $id) {
            $circuit = $this->find($this->house->circuits, $id);
            $device = $this->house->hasPoint($id) ? $this->house->point($id) : null;
            $wrong = match (true) {
                $circuit === null && $device === null => "there is no point or circuit \"$id\"",
                $device !== null && ! $device->device->feedsThrough() => "\"{$device->id}\" is no protective device",
                $circuit?->breaker() === BreakerType::Standard => "the breaker of \"{$circuit->id}\" does not trip on leakage",
                default => null,
            };
            if ($wrong === null) {
                $ids[] = $id;
            } else {
                $this->faults[] = new FileFault("$pointer/tripped/$place", $wrong);
            }
        }

        return $ids;
    }

    /**
     * @template T of Circuit|Point
     *
     * @param list<T> $all
     *
     * @return T|null
     */
    private function find(array $all, string $id): mixed
    {
        foreach ($all as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }

        return null;
    }
}
