<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\CircuitOff;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;

/**
 * Contradictions between breakers, looked for where a house is too large to be put in order at once: each few points that one fact ties
 * together are tried alone, with the breakers that facts name for them and one more that stands for all the others.
 */
final readonly class AcrossCircuits
{
    public function __construct(
        private House $house,
        private FeedMap $feeds,
        private Codes $codes,
    ) {
    }

    /**
     * @param list<list<string>> $tied ids of points that some fact ties together
     * @param list<Conflict> $conflicts those found are added
     *
     * @return Facts those left when the contradicting ones are put aside
     */
    public function without(array $tied, Facts $facts, array &$conflicts): Facts
    {
        foreach ($tied as $ids) {
            $nodes = $this->nodes($ids, $facts);
            $part = new Part($this->feeds, $nodes, true);
            $own = $facts->about($nodes);
            try {
                while (! $part->holds($own, false)) {
                    $finder = new Conflicts($this->codes);
                    $group = $finder->smallest($part, $own);
                    $conflicts[] = $finder->spoken($own, $group);
                    $own = $own->without($group);
                    $facts = $facts->without($group);
                }
            } catch (TooLarge) {
                continue;
            }
        }

        return $facts;
    }

    /** @param list<string> $ids */
    private function nodes(array $ids, Facts $facts): Nodes
    {
        $points = array_map($this->house->point(...), array_values(array_unique($ids)));
        $named = [];
        foreach ($points as $point) {
            foreach ($this->feeds->feed($point)->origins as $circuit) {
                $named[$circuit] = true;
            }
        }
        foreach ($facts->observations as $seen) {
            if ($seen instanceof CircuitOff && array_intersect($ids, $seen->points()) !== []) {
                $named[$seen->circuit] = true;
            }
        }
        $circuits = array_filter($this->house->circuits, fn(Circuit $circuit): bool => isset($named[$circuit->id]));
        $others = array_filter($this->house->circuits, fn(Circuit $circuit): bool => ! isset($named[$circuit->id]));

        return new Nodes($points, [...array_values($circuits), ...array_slice(array_values($others), 0, 1)]);
    }
}
