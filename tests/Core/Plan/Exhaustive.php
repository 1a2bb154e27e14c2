<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

/**
 * The cheapest plan of a small house by trying everything: every breaker, every device, every landing. Reads the file itself and knows
 * nothing of core but what the outlets ask for, which it is given.
 */
final class Exhaustive
{
    private const PRICES = [
        'gfci_receptacle' => 24, 'afci_receptacle' => 38, 'dual_receptacle' => 45, 'standard_receptacle' => 4, 'gfci_breaker' => 62,
        'afci_breaker' => 58, 'dual_breaker' => 68, 'standard_breaker' => 12, 'gfci_breaker_2p' => 118, 'afci_breaker_2p' => 124,
        'dual_breaker_2p' => 132,
    ];
    private const OUTLETS = ['receptacle', 'light', 'hardwired'];

    private const MINUTES = ['swap' => 20, 'breaker' => 15, 'rewire' => 10];

    /** @var array<array<string, mixed>> */
    private array $points = [];

    /** @var array<array<string, mixed>> */
    private array $circuits = [];

    /** @var array<array<string, mixed>> feeding cable by point */
    private array $into = [];

    /** @var array<list<string>> */
    private array $above = [];

    /** @var array<string> */
    private array $on = [];

    /** @var array{array<string, mixed>, float}|null */
    public ?array $best = null;

    /** @var list<array{float, int, float}> */
    private array $satisfying = [];

    private int $walks = 0;

    private float $most = 0.0;

    /**
     * @param array<string, mixed> $house
     * @param array<array<string>> $demand by point
     */
    public function __construct(
        private array $house,
        private array $demand,
        private string $strategy,
        private bool $keepsAll = false,
    ) {
        $this->points = array_column($house['points'], null, 'id');
        $this->circuits = array_column($house['circuits'], null, 'id');
        foreach ($house['cables'] as $cable) {
            $this->into[$cable['to']['point']] = $cable;
        }
        foreach (array_keys($this->points) as $id) {
            $id = (string) $id;
            $path = [];
            for ($at = $id; isset($this->into[$at]['from']['point']); $at = $path[count($path) - 1]) {
                $path[] = (string) $this->into[$at]['from']['point'];
            }
            $this->above[$id] = $path;
            $first = $this->into[$path === [] ? $id : $path[count($path) - 1]] ?? null;
            $this->on[$id] = $this->points[$id]['circuit'] ?? $first['from']['circuit'] ?? '';
        }
        $this->search();
    }

    private function search(): void
    {
        $breakers = $this->choices($this->circuits, fn(array $circuit): array => $this->breakerTypes($circuit));
        $devices = $this->choices($this->points, fn(array $point): array => $this->deviceTypes($point));
        foreach ($breakers as $breaker) {
            if (! $this->breakersMayBe($breaker)) {
                continue;
            }
            foreach ($devices as $device) {
                $leaving = array_filter(
                    $this->house['cables'],
                    fn(array $cable): bool => isset($cable['from']['point']) && $this->isProtective($device[$cable['from']['point']]),
                );
                $landings = $this->choices(
                    array_column($leaving, null, 'id'),
                    fn(array $cable): array => $this->strategy === 'panel' || ! isset($cable['from']['point'])
                        ? [$this->present($cable)]
                        : ($this->isShared($cable) ? ['line'] : ['line', 'load']),
                );
                foreach ($landings as $landing) {
                    $cost = $this->cost($breaker, $device, $landing);
                    if ($this->keepsAll && $this->isFeasible($breaker, $device, $landing)) {
                        $this->satisfying[] = [round($cost, 2), $this->walks, round($this->most, 6)];
                    } elseif (
                        ! $this->keepsAll
                        && ($this->best === null || $cost < $this->best[1] - 1e-9)
                        && $this->isFeasible($breaker, $device, $landing)
                    ) {
                        $this->best = [['breakers' => $breaker, 'devices' => $device, 'landings' => $landing], $cost];
                    }
                }
            }
        }
    }

    /** @return list<array{float, int, float}> cost, walks and most leakage of what satisfies and nothing beats */
    public function frontier(): array
    {
        $all = array_values(array_unique($this->satisfying, SORT_REGULAR));
        $kept = array_values(array_filter($all, function (array $one) use ($all): bool {
            foreach ($all as $other) {
                if ($other !== $one && $other[0] <= $one[0] && $other[1] <= $one[1] && $other[2] <= $one[2]) {
                    return false;
                }
            }

            return true;
        }));
        sort($kept);

        return $kept;
    }

    /** Whether an answer is an arrangement of that cost which satisfies everything. */
    public function confirms(array $answer): ?string
    {
        $device = array_map(fn(array $point): string => $answer['devices'][$point['id']] ?? $point['device'], $this->points);
        $landing = array_filter(
            $answer['landings'],
            fn(string $cable): bool => true,
            ARRAY_FILTER_USE_KEY,
        );
        $cost = $this->cost($answer['breakers'], $device, $landing);

        return match (true) {
            ! $this->breakersMayBe($answer['breakers']) => 'breakers that cannot be',
            ! $this->isFeasible($answer['breakers'], $device, $landing) => 'does not satisfy',
            abs(round($cost, 2) - $answer['cost']) > 0.006 => "costs $cost, not {$answer['cost']}",
            default => null,
        };
    }

    /**
     * @param array<array<string, mixed>> $of
     *
     * @return list<array<string>>
     */
    private function choices(array $of, \Closure $each): array
    {
        $all = [[]];
        foreach ($of as $id => $one) {
            $next = [];
            foreach ($all as $before) {
                foreach ($each($one) as $choice) {
                    $next[] = $before + [$id => $choice];
                }
            }
            $all = $next;
        }

        return $all;
    }

    private function breakerTypes(array $circuit): array
    {
        $now = $circuit['breaker'] ?? 'standard';
        if ($now === 'fuse') {
            return ['fuse'];
        }

        return array_values(array_unique([$now, 'standard', 'gfci', ...(($circuit['volts'] ?? 120) === 240 ? [] : ['afci', 'dual'])]));
    }

    private function deviceTypes(array $point): array
    {
        $now = $point['device'];
        if ($point['kind'] !== 'receptacle' || $this->strategy === 'panel') {
            return [$now];
        }
        $accessible = $point['accessible'] ?? true;
        $made = ($point['amps'] ?? 15) <= 20 && ($point['volts'] ?? 125) <= 125;
        $all = ['standard', ...($accessible && $made ? ['gfci', 'afci', 'dual'] : [])];
        if ($accessible || ! $this->isProtective($now)) {
            $all[] = $now;
        }

        return array_values(array_unique($all));
    }

    /** On a multiwire circuit a protective breaker is one of two poles for both. */
    private function breakersMayBe(array $breaker): bool
    {
        foreach ($this->circuits as $id => $circuit) {
            $other = $circuit['multiwire_with'] ?? null;
            $protective = array_filter([$breaker[$id], $breaker[$other ?? $id]], $this->isProtective(...));
            if ($other !== null && $breaker[$id] !== $breaker[$other] && $protective !== []) {
                return false;
            }
        }

        return true;
    }

    private function isProtective(string $device): bool
    {
        return in_array($device, ['gfci', 'afci', 'dual'], true);
    }

    private function isGfci(string $device): bool
    {
        return in_array($device, ['gfci', 'dual'], true);
    }

    private function isAfci(string $device): bool
    {
        return in_array($device, ['afci', 'dual'], true);
    }

    private function present(array $cable): string
    {
        return ($cable['from']['land'] ?? 'line') === 'load' ? 'load' : 'line';
    }

    private function circuitsOf(array $cable): array
    {
        $beyond = array_filter(
            array_map(strval(...), array_keys($this->points)),
            fn(string $id): bool => $id === $cable['to']['point'] || in_array($cable['to']['point'], $this->above[$id], true),
        );

        return array_values(array_unique(array_map(fn(string $id): string => $this->on[$id], $beyond)));
    }

    private function isShared(array $cable): bool
    {
        return $this->circuitsOf($cable) !== [$this->on[$cable['from']['point']]];
    }

    private function cost(array $breaker, array $device, array $landing): float
    {
        $parts = 0.0;
        $minutes = 0.0;
        $price = ($this->house['prices'] ?? []) + self::PRICES;
        $takes = ($this->house['minutes'] ?? []) + self::MINUTES;
        $done = [];
        foreach ($this->circuits as $id => $circuit) {
            $other = $circuit['multiwire_with'] ?? null;
            if (isset($done[$id])) {
                continue;
            }
            if ($other !== null && $this->isProtective($breaker[$id])) {
                $done[$other] = true;
                if (($circuit['common_trip'] ?? false) !== true || ($circuit['breaker'] ?? 'standard') !== $breaker[$id]) {
                    $parts += $price["{$breaker[$id]}_breaker_2p"];
                    $minutes += $takes['breaker'];
                }
            } elseif ($breaker[$id] !== ($circuit['breaker'] ?? 'standard')) {
                $parts += $price["{$breaker[$id]}_breaker"];
                $minutes += $takes['breaker'];
            }
        }
        foreach ($this->points as $id => $point) {
            if ($device[$id] !== $point['device']) {
                $parts += $price["{$device[$id]}_receptacle"];
                $minutes += $takes['swap'];
                continue;
            }
            if (! $this->isProtective($device[$id])) {
                continue;
            }
            $changed = $this->strategy !== 'panel' && ($this->into[$id]['to']['land'] ?? 'line') === 'load';
            foreach ($this->house['cables'] as $cable) {
                if (($cable['from']['point'] ?? null) === (string) $id && $landing[$cable['id']] !== $this->present($cable)) {
                    $changed = true;
                }
            }
            $minutes += $changed ? $takes['rewire'] : 0;
        }

        return $parts + $minutes * ($this->house['rate_per_hour'] ?? 95) / 60;
    }

    private function isFeasible(array $breaker, array $device, array $landing): bool
    {
        $protects = fn(string $id): bool => $this->strategy !== 'panel' || ($this->into[$id]['to']['land'] ?? 'line') === 'line';
        $behind = [];
        foreach (array_keys($this->points) as $id) {
            $id = (string) $id;
            $behind[$id] = [];
            $below = $id;
            foreach ($this->above[$id] as $up) {
                $cable = $this->into[$below];
                $isOnLoad = ($landing[$cable['id']] ?? 'line') === 'load' && ! $this->isShared($cable);
                if ($isOnLoad && $this->isProtective($device[$up]) && $protects($up)) {
                    $behind[$id][] = $up;
                }
                $below = $up;
            }
        }
        $zones = [];
        $this->walks = 0;
        $this->most = 0.0;
        foreach ($this->points as $id => $point) {
            $id = (string) $id;
            $guards = array_values(array_filter($behind[$id], fn(string $up): bool => $this->isGfci($device[$up])));
            $byBreaker = $this->on[$id] !== '' && $this->isGfci($breaker[$this->on[$id]]);
            if ($this->isGfci($device[$id]) && ($guards !== [] || $byBreaker)) {
                return false;
            }
            if ($this->isGfci($device[$id]) && $protects($id)) {
                $guards[] = $id;
            }
            $arc = array_values(array_filter(
                [...$behind[$id], ...($this->isProtective($device[$id]) && $protects($id) ? [$id] : [])],
                fn(string $by): bool => $this->isAfci($device[$by]),
            ));
            $arcBreaker = $this->on[$id] !== '' && $this->isAfci($breaker[$this->on[$id]]);
            $isCovered = $guards !== [] || $byBreaker;
            $asks = $this->demand[$id] ?? [];
            if (in_array('gfci', $asks, true) && ! $isCovered) {
                return false;
            }
            if (in_array('afci', $asks, true) && ! $this->arcDoes($id, $arc, $arcBreaker, $breaker, $device, $protects)) {
                return false;
            }
            if (($point['serves'] ?? '') === 'fire_alarm' && ($isCovered || $arc !== [] || $arcBreaker)) {
                return false;
            }
            if (($point['alone'] ?? false) && ! in_array('gfci', $asks, true) && $isCovered) {
                return false;
            }
            if ($this->strategy === 'local' && $point['kind'] === 'receptacle') {
                foreach ($guards as $by) {
                    if ($this->points[$by]['area'] !== $point['area']) {
                        return false;
                    }
                }
                if ($byBreaker && ($this->house['panels'][0]['area'] ?? null) !== $point['area']) {
                    return false;
                }
            }
            $isOutlet = in_array($point['kind'], self::OUTLETS, true);
            foreach ($guards as $by) {
                $zones["p $by"][] = $id;
                $this->walks += $isOutlet && $this->points[$by]['area'] !== $point['area'] ? 1 : 0;
            }
            $this->walks += $isOutlet && $byBreaker && ($this->house['panels'][0]['area'] ?? null) !== $point['area'] ? 1 : 0;
            if ($byBreaker) {
                $pair = array_filter([$this->on[$id], $this->circuits[$this->on[$id]]['multiwire_with'] ?? null]);
                sort($pair);
                $zones['c ' . implode(' ', $pair)][] = $id;
            }
        }
        foreach ($zones as $by => $covered) {
            foreach ($covered as $id) {
                if (($this->points[$id]['alone'] ?? false) && count($covered) > 1) {
                    return false;
                }
            }
            $resistive = $capacitive = $resistiveOff = $capacitiveOff = 0.0;
            foreach ($this->house['appliances'] as $appliance) {
                if (in_array($appliance['at'], $covered, true)) {
                    $resistive += $appliance['leakage']['resistive_ma'] ?? 0.0;
                    $capacitive += $appliance['leakage']['capacitive_ma'] ?? 0.0;
                    // What was written and not clamped may be off by three tenths.
                    $resistiveOff += (0.3 * ($appliance['leakage']['resistive_ma'] ?? 0.0)) ** 2;
                    $capacitiveOff += (0.3 * ($appliance['leakage']['capacitive_ma'] ?? 0.0)) ** 2;
                }
            }
            foreach ($covered as $id) {
                $cable = $this->into[$id] ?? null;
                $isMetal = in_array($cable['method'] ?? '', ['emt', 'rmc', 'mc', 'ac'], true);
                if ($cable !== null && $by !== "p $id" && (($cable['ground'] ?? true) || $isMetal)) {
                    $capacitive += ($cable['length_ft'] ?? 0) * 120 * 2 * M_PI * 60 * 22e-9;
                }
            }
            $ma = hypot($resistive, $capacitive);
            $off = $ma > 0.0 ? sqrt($resistive ** 2 * $resistiveOff + $capacitive ** 2 * $capacitiveOff) / $ma : 0.0;
            $this->most = max($this->most, $ma + 2.0 * $off);
            if ($ma > ($this->house['budget_ma'] ?? 2.5) + 1e-9) {
                return false;
            }
        }

        return true;
    }

    private function arcDoes(string $id, array $arc, bool $arcBreaker, array $breaker, array $device, \Closure $protects): bool
    {
        $circuit = $this->circuits[$this->on[$id]] ?? [];
        $isKept = $circuit !== [] && ($circuit['breaker'] ?? 'standard') === $breaker[$circuit['id']];
        $listing = $isKept ? ($circuit['breaker_listing'] ?? null) : null;
        $kinds = fn(string $by): array => array_map(fn(string $up): string => $this->points[$up]['kind'], $this->above[$by]);
        if ($arcBreaker) {
            if ($listing !== 'branch_feeder') {
                return true;
            }
            foreach ([$id, ...$this->above[$id]] as $by) {
                if ($this->isAfci($device[$by]) && $protects($by) && array_intersect($kinds($by), self::OUTLETS) === []) {
                    return true;
                }
            }
        }
        $work = $this->points[$id]['work'] ?? $this->house['work'];
        foreach ($arc as $by) {
            if (in_array($work, ['replace', 'existing'], true)
                || ($work === 'extend' && ! in_array('receptacle', $kinds($by), true))
                || ($work === 'new' && $this->isFirstNew($by, $kinds($by), $listing))) {
                return true;
            }
        }

        return false;
    }

    private function isFirstNew(string $by, array $kinds, ?string $listing): bool
    {
        if (array_intersect($kinds, ['receptacle', 'hardwired']) !== []) {
            return false;
        }
        $feet = 0.0;
        $isMetal = true;
        $thin = false;
        foreach ([$by, ...$this->above[$by]] as $on) {
            $cable = $this->into[$on] ?? null;
            if ($cable === null) {
                return false;
            }
            $feet += $cable['length_ft'] ?? INF;
            $method = $cable['method'] ?? '';
            $isMetal = $isMetal && ($method === 'concrete'
                || (in_array($method, ['mc', 'ac', 'emt', 'rmc'], true) && ($this->points[$on]['box']['material'] ?? '') === 'metal'));
            $thin = $thin || ($cable['awg'] ?? ($this->circuits[$this->on[$by]]['amps'] <= 15 ? 14 : 12)) === 14;
        }

        return $isMetal || (in_array($listing, ['supplemental_arc', 'system'], true)
            && array_intersect($kinds, ['light', 'switch']) === [] && $feet <= ($thin ? 50.0 : 70.0));
    }
}
