<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;

/** What one GFCI protects in a plan. */
final readonly class PlannedZone
{
    /** @param list<Point> $covers every point in it, in feed order */
    private function __construct(
        public Point|Circuit $by,
        public array $covers,
        public Stretch $stretch,
    ) {
    }

    public static function ofDevice(Pick $pick): self
    {
        $behind = array_values(array_filter($pick->onLoad, fn(Branch $branch): bool => $branch->mayBeOnLoad));
        $beyond = RunGroup::along(array_map(fn(Branch $branch): Stop => $branch->to, $behind));

        return new self(
            $pick->stop->point,
            [$pick->stop->point, ...array_map(fn(Stop $stop): Point => $stop->point, $beyond)],
            $pick->zone ?? new Stretch(),
        );
    }

    /**
     * @param non-empty-list<Circuit> $circuits on its poles, and those it feeds by way of another panel
     * @param list<RunGroup> $groups
     */
    public static function ofBreaker(array $circuits, array $groups): self
    {
        $circuits = array_values(array_column($circuits, null, 'id'));
        $ids = array_map(fn(Circuit $circuit): string => $circuit->id, $circuits);
        $covers = [];
        $stretch = new Stretch();
        foreach ($groups as $group) {
            $stretch = $stretch->and($group->stretch($circuits));
            foreach ($group->stops() as $stop) {
                if (in_array($stop->circuit?->id, $ids, true)) {
                    $covers[] = $stop->point;
                }
            }
        }

        return new self($circuits[0], $covers, $stretch);
    }

    public function nuisance(): Nuisance
    {
        return Nuisance::of($this->stretch);
    }
}
