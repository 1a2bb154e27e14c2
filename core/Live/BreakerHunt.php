<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\House;

/**
 * Two phones at the panel: one at the outlet says whether its light is out, the other is told what to turn. The candidates are
 * halved by weight, so that a good label is tried alone and poor ones go in groups.
 */
final readonly class BreakerHunt
{
    /**
     * @param string $point the outlet with the light in it
     * @param list<string> $among breakers it may still be, likeliest first
     * @param list<string> $off what is to be off for the question that is asked
     * @param list<string> $on what is to be turned on again first
     * @param list<string> $found the breaker, or two that are tied together
     * @param array<float> $weights by circuit id
     */
    private function __construct(
        public string $point,
        public HuntPhase $phase,
        public array $among,
        public array $off,
        public array $on,
        public array $found,
        private array $weights,
    ) {
    }

    /** Begun with the light lit. */
    public static function begun(House $house, string $point): self
    {
        $weights = [];
        foreach (Candidates::for($house, $house->point($point)) as $candidate) {
            $weights[$candidate->circuit->id] = $candidate->weight;
        }
        $among = array_map(strval(...), array_keys($weights));

        return (new self($point, HuntPhase::Flip, $among, [], [], [], $weights))->asking($house, $among, []);
    }

    /** The one at the panel has turned what was asked. */
    public function flipped(): self
    {
        return new self($this->point, HuntPhase::Look, $this->among, $this->off, $this->on, [], $this->weights);
    }

    /** What the one at the outlet sees with those breakers off. */
    public function looked(House $house, bool $wentOut): self
    {
        $asked = array_values(array_intersect($this->among, $this->off));
        if (! $wentOut) {
            return $this->asking($house, array_values(array_diff($this->among, $asked)), $this->off);
        }
        $apart = array_filter($asked, fn(string $id): bool => ! in_array($id, self::tied($house, $asked[0]), true));

        return $apart === []
            ? new self($this->point, HuntPhase::Found, $asked, $this->off, [], $asked, $this->weights)
            : $this->asking($house, $asked, $this->off);
    }

    /** The light that is lit as a fact: that the outlet was live before its breaker went off. */
    public static function lit(House $house, string $point, bool $isLit, string $who, string $at): House
    {
        return $house->withEntry(new MeterReading(point: $point, lit: $isLit, atTime: $at, who: $who));
    }

    /** Whether all it is about is still in the house: if not, it is over. */
    public function standsIn(House $house): bool
    {
        $circuits = array_map(fn(Circuit $circuit): string => $circuit->id, $house->circuits);

        return $house->hasPoint($this->point)
            && array_diff([...$this->among, ...$this->off, ...$this->on, ...$this->found], $circuits) === [];
    }

    /** What was seen, as facts of the house: breakers that were off while the light was lit, or the one that put it out. */
    public function facts(House $house, bool $wentOut, string $who, string $at): House
    {
        $house = $wentOut ? $house : self::lit($house, $this->point, true, $who, $at);
        $asked = array_values(array_intersect($this->among, $this->off));
        if ($wentOut && count($asked) > 1) {
            return $house;
        }
        foreach ($asked as $circuit) {
            $house = $house->withEntry(new Seen(
                SeenKind::Off,
                $circuit,
                dead: $wentOut ? [$this->point] : [],
                live: $wentOut ? [] : [$this->point],
                atTime: $at,
                who: $who,
            ));
        }

        return $house;
    }

    /**
     * @param list<string> $among
     * @param list<string> $offNow
     */
    private function asking(House $house, array $among, array $offNow): self
    {
        if ($among === []) {
            return new self($this->point, HuntPhase::None, [], [], $offNow, [], $this->weights);
        }
        $off = [];
        foreach ($this->half($among) as $id) {
            array_push($off, ...self::tied($house, $id));
        }
        $off = array_values(array_unique($off));

        return new self($this->point, HuntPhase::Flip, $among, $off, array_values(array_diff($offNow, $off)), [], $this->weights);
    }

    /**
     * As many of the likeliest as come closest to half of all weight.
     *
     * @param list<string> $among
     *
     * @return list<string>
     */
    private function half(array $among): array
    {
        $total = array_sum(array_map(fn(string $id): float => $this->weights[$id] ?? 1.0, $among));
        $best = 1;
        $miss = INF;
        $sum = 0.0;
        foreach ($among as $index => $id) {
            $sum += $this->weights[$id] ?? 1.0;
            if (abs($sum - $total / 2) < $miss - 1e-9 && ($index + 1 < count($among) || $index === 0)) {
                $miss = abs($sum - $total / 2);
                $best = $index + 1;
            }
        }

        return array_slice($among, 0, $best);
    }

    /** @return list<string> */
    private static function tied(House $house, string $id): array
    {
        return array_map(fn(Circuit $circuit): string => $circuit->id, Switching::tied($house, $house->circuit($id)));
    }

    /** @return array<string, mixed> */
    public function toData(): array
    {
        return [
            'point' => $this->point,
            'phase' => $this->phase->value,
            'among' => $this->among,
            'off' => $this->off,
            'on' => $this->on,
            'found' => $this->found,
            'weights' => (object) $this->weights,
        ];
    }

    /**
     * @param object{
     *     point: string, phase: string, among: list<string>, off: list<string>, on: list<string>, found: list<string>, weights: object
     * } $data as {@see self::toData()} wrote it
     */
    public static function fromData(object $data): self
    {
        $weights = array_map(fn(mixed $weight): float => is_numeric($weight) ? (float) $weight : 1.0, get_object_vars($data->weights));

        return new self($data->point, HuntPhase::from($data->phase), $data->among, $data->off, $data->on, $data->found, $weights);
    }
}
