<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\Observed\Observation;

/** What is known of a house's feeds, what contradicts, and what to look at next. */
final readonly class Trace
{
    /**
     * @param list<Place> $places in the order of the house's points
     * @param list<Edge> $edges certain ones, then guesses for the points whose feed is not certain
     * @param list<array{string, string}> $unknownPairs whether the second is fed through the first is not known
     * @param list<Conflict> $conflicts
     * @param array<int, Observation> $observations
     * @param array<Pairs> $boxes opened boxes by point id
     */
    public function __construct(
        public array $places,
        public array $edges,
        public array $unknownPairs,
        public array $conflicts,
        public ?Next $next,
        public bool $resolved,
        public array $observations,
        public array $boxes,
    ) {
    }
}
