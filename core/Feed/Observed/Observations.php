<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Circuit;
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
        $section = $house->sections['observations'] ?? [];
        foreach (is_array($section) ? array_values($section) : [] as $index => $data) {
            $before = count($observations->faults);
            $seen = $data instanceof \stdClass ? $observations->observation($data, "/observations/$index") : null;
            if ($seen !== null && count($observations->faults) === $before) {
                $observations->seen[$index] = $seen;
            }
        }

        // What is kept beside a house must not keep the house.
        unset($observations->house);

        return $observations;
    }

    private function observation(\stdClass $data, string $pointer): ?Observation
    {
        $kind = $data->kind ?? null;

        return match ($kind) {
            'off' => new CircuitOff(
                $this->circuit($data, 'circuit', $pointer),
                $this->points($data, 'dead', $pointer),
                $this->points($data, 'live', $pointer),
            ),
            'trip' => $this->trip($data, $pointer),
            'button' => new ButtonPressed($this->point($data, 'point', $pointer), $this->devices($data, $pointer)),
            'open' => $this->open($data, $pointer),
            'lift' => $this->lift($data, $pointer),
            'pair' => $this->pair($data, $pointer),
            default => null,
        };
    }

    /** A GFCI or dual breaker that is tested takes its circuit off. */
    private function trip(\stdClass $data, string $pointer): Observation
    {
        $at = is_string($data->at ?? null) ? $data->at : '';
        $dead = $this->points($data, 'dead', $pointer);
        $live = $this->points($data, 'live', $pointer);
        $before = $this->points($data, 'already_dead', $pointer);
        $this->points($data, 'back', $pointer);
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

    private function open(\stdClass $data, string $pointer): Observation
    {
        $point = $this->point($data, 'point', $pointer);
        $pairs = is_int($data->pairs ?? null) ? $data->pairs : 0;
        if ($pairs < 1 || $pairs > 26) {
            $this->faults[] = new FileFault("$pointer/pairs", 'a box that is fed has at least one pair, and 26 are named at most');
        }
        $this->opened[$point] = max($pairs, $this->opened[$point] ?? 0);

        return new BoxOpened($point, max(1, $pairs));
    }

    private function lift(\stdClass $data, string $pointer): Observation
    {
        $point = $this->point($data, 'point', $pointer);

        return new PairLifted(
            $point,
            $this->pairOf($point, $data, $pointer),
            $this->points($data, 'dead', $pointer),
            $this->points($data, 'live', $pointer),
        );
    }

    private function pair(\stdClass $data, string $pointer): Observation
    {
        $point = $this->point($data, 'point', $pointer);
        $by = is_string($data->by ?? null) ? PairMeans::tryFrom($data->by) : null;

        return new PairRead($point, $this->pairOf($point, $data, $pointer), ($data->live ?? false) === true, $by ?? PairMeans::Mark);
    }

    private function pairOf(string $point, \stdClass $data, string $pointer): string
    {
        $pair = is_string($data->pair ?? null) ? $data->pair : '';
        $count = $this->opened[$point] ?? null;
        if ($count === null) {
            $this->faults[] = new FileFault("$pointer/point", "the box of \"$point\" was not opened before");
        } elseif (preg_match('/^[a-z]$/', $pair) !== 1 || ord($pair) - ord('a') >= $count) {
            $this->faults[] = new FileFault("$pointer/pair", "\"$pair\" is none of the $count pairs counted there");
        }

        return $pair;
    }

    private function point(\stdClass $data, string $key, string $pointer): string
    {
        $id = is_string($data->{$key} ?? null) ? $data->{$key} : '';
        if (! $this->house->hasPoint($id)) {
            $this->faults[] = new FileFault("$pointer/$key", "there is no point \"$id\"");
        }

        return $id;
    }

    private function circuit(\stdClass $data, string $key, string $pointer): string
    {
        $id = is_string($data->{$key} ?? null) ? $data->{$key} : '';
        if ($this->find($this->house->circuits, $id) === null) {
            $this->faults[] = new FileFault("$pointer/$key", "there is no circuit \"$id\"");
        }

        return $id;
    }

    /** @return list<string> */
    private function points(\stdClass $data, string $key, string $pointer): array
    {
        $ids = [];
        foreach (is_array($data->{$key} ?? null) ? array_values($data->{$key}) : [] as $place => $id) {
            if (! is_string($id) || ! $this->house->hasPoint($id)) {
                $this->faults[] = new FileFault("$pointer/$key/$place", 'there is no point "' . (is_string($id) ? $id : '') . '"');
                continue;
            }
            $ids[] = $id;
        }

        return $ids;
    }

    /** @return list<string> protective points and circuits */
    private function devices(\stdClass $data, string $pointer): array
    {
        $ids = [];
        foreach (is_array($data->tripped ?? null) ? array_values($data->tripped) : [] as $place => $id) {
            $circuit = is_string($id) ? $this->find($this->house->circuits, $id) : null;
            $device = is_string($id) && $this->house->hasPoint($id) ? $this->house->point($id) : null;
            if ($circuit === null && $device === null) {
                $this->faults[] = new FileFault(
                    "$pointer/tripped/$place",
                    'there is no point or circuit "' . (is_string($id) ? $id : '') . '"',
                );
            } elseif ($device !== null && ! $device->device->feedsThrough()) {
                $this->faults[] = new FileFault("$pointer/tripped/$place", "\"{$device->id}\" is no protective device");
            } elseif ($circuit !== null && $circuit->breaker() === BreakerType::Standard) {
                $this->faults[] = new FileFault("$pointer/tripped/$place", "the breaker of \"{$circuit->id}\" does not trip on leakage");
            } else {
                $ids[] = is_string($id) ? $id : '';
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
