<?php

declare(strict_types=1);

namespace Tests\Core\Feed\Trace;

/**
 * Every tree there can be on a few outlets, with every landing and every naming of pairs, kept as long as it fits what was seen.
 * Nothing clever: it is what the tracer is held against.
 */
final class EveryTree
{
    /** @var list<array{parents: array<string, string>, load: array<string, bool>, pairs: array<string, list<string>>}> */
    public array $left = [];

    /**
     * @param list<string> $points
     * @param list<string> $circuits
     * @param array<string, string> $devices
     */
    public function __construct(
        private readonly array $points,
        private readonly array $circuits,
        private readonly array $devices,
    ) {
        $this->grow([], $points);
    }

    /** @param array<string, mixed> $seen */
    public function keep(array $seen): void
    {
        if ($seen['kind'] === 'open') {
            $this->left = array_merge(...array_map(fn(array $tree): array => $this->opened($tree, $seen), $this->left));

            return;
        }
        $this->left = array_values(array_filter($this->left, fn(array $tree): bool => $this->outcome($tree, $seen) === $this->said($seen)));
    }

    /**
     * @param array<string, mixed> $next
     *
     * @return int how many different answers there are to it
     */
    public function answers(array $next): int
    {
        return count(
            array_unique(array_map(fn(array $tree): string => json_encode($this->outcome($tree, $next), JSON_THROW_ON_ERROR), $this->left)),
        );
    }

    /** @return array<string, string> what every tree that is left has */
    public function certainParents(): array
    {
        $certain = array_intersect_assoc(...array_column($this->left, 'parents'), ...[$this->left[0]['parents']]);
        ksort($certain);

        return $certain;
    }

    /** @return list<array{string, string}> pairs of which some trees have the second beyond the first, and some not */
    public function unknownPairs(): array
    {
        $unknown = [];
        foreach ($this->points as $up) {
            foreach ($this->points as $point) {
                $ways = array_unique(
                    array_map(fn(array $tree): bool => in_array($up, self::above($tree, $point), true), $this->left),
                    SORT_REGULAR,
                );
                if (count($ways) > 1) {
                    $unknown[] = [$up, $point];
                }
            }
        }

        return $unknown;
    }

    /**
     * @param array<string, string> $parents
     * @param list<string> $rest
     */
    private function grow(array $parents, array $rest): void
    {
        if ($rest === []) {
            foreach ($this->points as $point) {
                if (! in_array(self::top($parents, $point), $this->circuits, true)) {
                    return;
                }
            }
            $this->land(
                $parents,
                [],
                array_values(array_filter($this->points, fn(string $p): bool => isset($this->devices[$parents[$p]]))),
            );

            return;
        }
        $point = array_shift($rest);
        foreach ([...$this->circuits, ...$this->points] as $parent) {
            // One cable leaves each breaker.
            if ($parent !== $point && ! (in_array($parent, $this->circuits, true) && in_array($parent, $parents, true))) {
                $this->grow([...$parents, $point => $parent], $rest);
            }
        }
    }

    /**
     * @param array<string, string> $parents
     * @param array<string, bool> $load
     * @param list<string> $rest
     */
    private function land(array $parents, array $load, array $rest): void
    {
        if ($rest === []) {
            $this->left[] = ['parents' => $parents, 'load' => $load, 'pairs' => []];

            return;
        }
        $point = array_shift($rest);
        foreach ([true, false] as $is) {
            $this->land($parents, [...$load, $point => $is], $rest);
        }
    }

    /**
     * @param array<string, mixed> $seen
     *
     * @return list<array<string, mixed>> the tree with its pairs named in every way, nothing when their number is another
     */
    private function opened(array $tree, array $seen): array
    {
        $ends = ['up', ...array_keys($tree['parents'], $seen['point'], true)];

        return count($ends) !== $seen['pairs']
            ? []
            : array_map(fn(array $named): array => ['pairs' => [...$tree['pairs'], $seen['point'] => $named]] + $tree, self::orders($ends));
    }

    /** @param array<string, mixed> $next */
    private function outcome(array $tree, array $next): mixed
    {
        $dead = fn(\Closure $is): array => array_values(array_filter($this->points, $is));

        return match ($next['kind']) {
            'off' => $dead(fn(string $p): bool => self::top($tree['parents'], $p) === $next['circuit']),
            'trip' => $dead(fn(string $p): bool => $p === $next['at'] || in_array($next['at'], $this->guards($tree, $p), true)),
            'button' => array_slice($this->guards($tree, $next['point']), 0, 1),
            'open' => count(array_keys($tree['parents'], $next['point'], true)),
            'lift' => $dead(function (string $p) use ($tree, $next): bool {
                $to = $tree['pairs'][$next['point']][ord($next['pair']) - ord('a')];
                $top = $to === 'up' ? $next['point'] : $to;

                return $p === $top || in_array($top, self::above($tree, $p), true);
            }),
        };
    }

    /** @param array<string, mixed> $seen */
    private function said(array $seen): mixed
    {
        $dead = $seen['dead'] ?? [];
        sort($dead);

        return $seen['kind'] === 'button' ? $seen['tripped'] : $dead;
    }

    /** @return list<string> */
    private function guards(array $tree, string $point): array
    {
        $guards = isset($this->devices[$point]) ? [$point] : [];
        for ($at = $point; isset($tree['parents'][$tree['parents'][$at]]); $at = $tree['parents'][$at]) {
            if ($tree['load'][$at] ?? false) {
                $guards[] = $tree['parents'][$at];
            }
        }

        return $guards;
    }

    /** @return list<string> */
    private static function above(array $tree, string $point): array
    {
        $above = [];
        while (isset($tree['parents'][$point])) {
            $above[] = $point = $tree['parents'][$point];
        }

        return $above;
    }

    /** @param array<string, string> $parents */
    private static function top(array $parents, string $point): ?string
    {
        for ($steps = 0; isset($parents[$point]); ++$steps) {
            if ($steps > count($parents)) {
                return null;
            }
            $point = $parents[$point];
        }

        return $point;
    }

    /**
     * @param list<string> $ends
     *
     * @return list<list<string>>
     */
    private static function orders(array $ends): array
    {
        if (count($ends) < 2) {
            return [$ends];
        }
        $orders = [];
        foreach ($ends as $i => $end) {
            $rest = $ends;
            unset($rest[$i]);
            foreach (self::orders(array_values($rest)) as $order) {
                $orders[] = [$end, ...$order];
            }
        }

        return $orders;
    }
}
