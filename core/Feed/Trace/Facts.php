<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\Observed\CircuitOff;
use Bouclier\Core\Feed\Observed\Observation;
use Bouclier\Core\House\Cable;

/** What a trace rests on: observations by their place in the file, and cables that are known. Any of them can be left out. */
final readonly class Facts
{
    /**
     * @param array<int, Observation> $observations
     * @param list<Cable> $cables connected ones only
     */
    public function __construct(
        public array $observations,
        public array $cables,
    ) {
    }

    /** @return list<array{int|null, Cable|null}> each fact alone: the place of an observation, or a cable */
    public function each(): array
    {
        return [
            ...array_map(fn(int $index): array => [$index, null], array_keys($this->observations)),
            ...array_map(fn(Cable $cable): array => [null, $cable], $this->cables),
        ];
    }

    /** @param list<array{int|null, Cable|null}> $facts some of {@see self::each()} */
    public function only(array $facts): self
    {
        $observations = [];
        $cables = [];
        foreach ($facts as [$index, $cable]) {
            if ($index !== null) {
                $observations[$index] = $this->observations[$index];
            }
            if ($cable !== null) {
                $cables[] = $cable;
            }
        }
        ksort($observations);

        return new self($observations, $cables);
    }

    /** Those that speak of a part of the house. */
    public function about(Nodes $nodes): self
    {
        $concerns = fn(Observation $seen): bool => ($seen instanceof CircuitOff && $nodes->circuit($seen->circuit) !== null)
            || array_filter($seen->points(), $nodes->hasPoint(...)) !== [];

        return new self(
            array_filter($this->observations, $concerns),
            array_values(array_filter($this->cables, fn(Cable $cable): bool => $nodes->hasPoint($cable->to->point))),
        );
    }

    /** @param list<array{int|null, Cable|null}> $facts */
    public function without(array $facts): self
    {
        return $this->only(array_values(array_filter($this->each(), fn(array $fact): bool => ! in_array($fact, $facts, true))));
    }
}
