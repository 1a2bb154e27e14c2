<?php

declare(strict_types=1);

namespace Tests\Core\Feed\Trace;

use Tests\Core\Build;

/**
 * A house whose wiring is known to the test alone: it answers what somebody on site would see. Written without the core's own
 * tracing, so that one checks the other.
 */
final class HiddenTree
{
    /** @var list<array<string, mixed>> what was seen so far */
    public array $observations = [];

    public int $boxesOpened = 0;

    /** @var array<string, list<string>> by point: what its pairs lead to, 'up' for the feed, in the order of their names */
    private array $pairs = [];

    /**
     * @param list<string> $circuits
     * @param array<string, string> $parents circuit or point each point hangs on
     * @param array<string, string> $devices protective ones
     * @param array<string, bool> $onLoad whether the cable into a point leaves a device on LOAD
     */
    public function __construct(
        public readonly array $circuits,
        public readonly array $parents,
        public readonly array $devices,
        public readonly array $onLoad,
        private readonly \Random\Randomizer $random,
    ) {
    }

    public static function random(int $seed, int $outlets, int $circuits, int $devices, bool $chain = false): self
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $names = array_map(fn(int $i): string => "p$i", range(1, $outlets));
        $order = $random->shuffleArray($names);
        $breakers = array_map(fn(int $i): string => "c$i", range(1, $circuits));
        $parents = $onLoad = [];
        foreach ($order as $i => $point) {
            $parents[$point] = match (true) {
                $i < $circuits => $breakers[$i],
                $chain => $order[$i - 1],
                // Mostly runs, with branches here and there.
                $random->getInt(0, 9) < 6 => $order[$i - $circuits >= 0 ? $i - $circuits : 0],
                default => $order[$random->getInt(0, $i - 1)],
            };
        }
        $kinds = [];
        foreach (array_slice($random->shuffleArray($names), 0, $devices) as $point) {
            $kinds[$point] = $random->getInt(0, 3) === 0 ? 'dual' : 'gfci';
        }
        foreach ($parents as $point => $parent) {
            $onLoad[$point] = isset($kinds[$parent]) && $random->getInt(0, 2) > 0;
        }

        return new self($breakers, $parents, $kinds, $onLoad, $random);
    }

    /** @return array<string, mixed> the house file without a single cable */
    public function file(): array
    {
        $points = array_keys($this->parents);
        sort($points);

        return json_decode(Build::json([
            'circuits' => array_map(fn(string $id): array => Build::circuit($id), $this->circuits),
            'points' => array_map(fn(string $id): array => Build::point($id, ['device' => $this->devices[$id] ?? 'standard']), $points),
            'observations' => $this->observations,
        ]), true);
    }

    /**
     * Does what was proposed and files what is seen.
     *
     * @param array<string, mixed> $next
     */
    public function answer(array $next): void
    {
        $this->observations[] = match ($next['kind']) {
            'off' => [
                'kind' => 'off',
                'circuit' => $next['circuit'],
                ...$this->seen(fn(string $p): bool => $this->circuitOf($p) === $next['circuit']),
            ],
            'trip' => [
                'kind' => 'trip',
                'at' => $next['at'],
                ...$this->seen(fn(string $p): bool => $p === $next['at'] || in_array($next['at'], $this->guards($p), true)),
            ],
            'button' => ['kind' => 'button', 'point' => $next['point'], 'tripped' => array_slice($this->guards($next['point']), 0, 1)],
            'open' => $this->open($next['point']),
            'lift' => $this->lift($next['point'], $next['pair']),
        };
    }

    public function circuitOf(string $point): string
    {
        $up = $this->parents[$point];

        return isset($this->parents[$up]) ? $this->circuitOf($up) : $up;
    }

    /** @return list<string> devices that see a leak at the point, nearest first */
    public function guards(string $point): array
    {
        $guards = isset($this->devices[$point]) ? [$point] : [];
        for ($at = $point; isset($this->parents[$this->parents[$at]]); $at = $this->parents[$at]) {
            if ($this->onLoad[$at]) {
                $guards[] = $this->parents[$at];
            }
        }

        return $guards;
    }

    public function isBeyond(string $up, string $point): bool
    {
        for ($at = $this->parents[$point] ?? null; $at !== null; $at = $this->parents[$at] ?? null) {
            if ($at === $up) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, mixed> */
    private function open(string $point): array
    {
        ++$this->boxesOpened;
        $this->pairs[$point] = $this->random->shuffleArray(['up', ...array_keys($this->parents, $point, true)]);

        return ['kind' => 'open', 'point' => $point, 'pairs' => count($this->pairs[$point])];
    }

    /** @return array<string, mixed> */
    private function lift(string $point, string $pair): array
    {
        $to = $this->pairs[$point][ord($pair) - ord('a')];
        $top = $to === 'up' ? $point : $to;

        return [
            'kind' => 'lift',
            'point' => $point,
            'pair' => $pair,
            ...$this->seen(fn(string $p): bool => $p === $top || $this->isBeyond($top, $p)),
        ];
    }

    /**
     * @param \Closure(string): bool $isDead
     *
     * @return array{dead: list<string>, live: list<string>}
     */
    private function seen(\Closure $isDead): array
    {
        $points = array_keys($this->parents);

        return [
            'dead' => array_values(array_filter($points, $isDead)),
            'live' => array_values(array_filter($points, fn(string $p): bool => ! $isDead($p))),
        ];
    }
}
