<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\Circuit;

/** Circuits that are planned together, since they share a neutral or a run, and all that hangs on them. */
final readonly class RunGroup
{
    /**
     * @param list<Circuit> $circuits
     * @param list<Stop> $roots where each run begins
     * @param array<Stretch> $stretches what lies on each circuit, its cables among them, by its id
     */
    public function __construct(
        public array $circuits,
        public array $roots,
        private array $stretches,
    ) {
    }

    /** @param list<Circuit> $circuits */
    public function stretch(array $circuits): Stretch
    {
        return array_reduce(
            $circuits,
            fn(Stretch $sum, Circuit $circuit): Stretch => $sum->and($this->stretches[$circuit->id] ?? new Stretch()),
            new Stretch(),
        );
    }

    /** @param list<string> $points ids */
    public function holds(array $points): bool
    {
        return array_filter($this->stops(), fn(Stop $stop): bool => in_array($stop->point->id, $points, true)) !== [];
    }

    /** @return list<Stop> every stop, each before what it feeds */
    public function stops(): array
    {
        return self::along($this->roots);
    }

    /**
     * @param list<Stop> $stops
     *
     * @return list<Stop> with all that lies beyond
     */
    public static function along(array $stops): array
    {
        for ($at = 0; $at < count($stops); ++$at) {
            foreach ($stops[$at]->branches as $branch) {
                $stops[] = $branch->to;
            }
        }

        return $stops;
    }
}
