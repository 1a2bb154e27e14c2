<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\House;

/** An arrangement of the whole house: what every breaker and device is then, what lands on LOAD, and what it costs. */
final readonly class Plan
{
    /**
     * @param array<BreakerType> $breakers by circuit id, every circuit
     * @param array<Device> $devices by point id, every receptacle
     * @param array<bool> $onLoad by cable id, every cable that leaves a device that protects: whether it is on LOAD
     * @param list<Pick> $picks of every box
     * @param list<BreakerChoice> $choices of every group of circuits
     * @param array<int> $parts how many of each are bought, by value of {@see Item}
     * @param array<int> $tasks how often each thing is done, by value of {@see Task}
     * @param list<PlannedZone> $zones
     */
    private function __construct(
        public Strategy $strategy,
        public array $breakers,
        public array $devices,
        public array $onLoad,
        public array $picks,
        public array $choices,
        public array $parts,
        public array $tasks,
        public array $zones,
        public PriceTable $prices,
        public float $budgetMa,
        public int $walks,
    ) {
    }

    /** @param list<RunGroup> $groups those of the house */
    public static function of(Arrangement $arrangement, House $house, array $groups, Terms $terms): self
    {
        $breakers = $devices = $onLoad = $parts = $tasks = $zones = [];
        $picks = array_column(array_map(fn(Pick $pick): array => [$pick->stop->point->id, $pick], $arrangement->picks()), 1, 0);
        $choices = $arrangement->breakers();
        foreach ($house->circuits as $circuit) {
            $breakers[$circuit->id] = $circuit->breaker();
            foreach ($choices as $choice) {
                if (isset($choice->types[$circuit->id])) {
                    $breakers[$circuit->id] = $choice->types[$circuit->id];
                }
            }
        }
        foreach ($choices as $choice) {
            foreach ($choice->bought as $item) {
                $parts[$item->value] = ($parts[$item->value] ?? 0) + 1;
                $tasks[Task::Breaker->value] = ($tasks[Task::Breaker->value] ?? 0) + 1;
            }
            foreach ($choice->gfciPoles() as $circuits) {
                $behind = array_merge(...array_map($house->fedBy(...), $circuits));
                $zones[] = PlannedZone::ofBreaker([$circuits[0], ...$circuits, ...$behind], $groups);
            }
        }
        $ordered = [];
        foreach ($house->points as $point) {
            $pick = $picks[$point->id] ?? null;
            if ($point->isReceptacle()) {
                $devices[$point->id] = $pick->device ?? $point->device;
            }
            if ($pick === null) {
                continue;
            }
            $ordered[] = $pick;
            if ($pick->isSwapped()) {
                $item = Item::device($pick->device)->value;
                $parts[$item] = ($parts[$item] ?? 0) + 1;
                $tasks[Task::Swap->value] = ($tasks[Task::Swap->value] ?? 0) + 1;
            } elseif ($pick->isRelanded) {
                $tasks[Task::Rewire->value] = ($tasks[Task::Rewire->value] ?? 0) + 1;
            }
            foreach ($pick->device->feedsThrough() ? $pick->stop->branches : [] as $branch) {
                if ($branch->cable !== null) {
                    $onLoad[$branch->cable->id] = in_array($branch, $pick->onLoad, true);
                }
            }
            if ($pick->zone !== null) {
                $zones[] = PlannedZone::ofDevice($pick);
            }
        }

        return new self(
            $terms->strategy,
            $breakers,
            $devices,
            $onLoad,
            $ordered,
            $choices,
            $parts,
            $tasks,
            $zones,
            $terms->prices,
            $terms->budgetMa,
            $arrangement->walks,
        );
    }

    public function minutes(): float
    {
        return $this->minutesWhere(fn(): bool => true);
    }

    public function minutesAtThePanel(): float
    {
        return $this->minutesWhere(fn(Task $task): bool => $task->isAtThePanel());
    }

    /** Boxes that are opened in the rooms. */
    public function boxes(): int
    {
        return count(array_filter($this->picks, fn(Pick $pick): bool => $pick->isSwapped() || $pick->isRelanded));
    }

    /** The zone that comes nearest to tripping by itself; null where no GFCI protects anything. */
    public function nearest(): ?Nuisance
    {
        $all = array_map(fn(PlannedZone $zone): Nuisance => $zone->nuisance(), $this->zones);
        usort($all, fn(Nuisance $one, Nuisance $other): int => $one->spareAtWorstMa <=> $other->spareAtWorstMa);

        return $all[0] ?? null;
    }

    /** How likely one of its devices or more trips on what leaks when nothing is wrong. */
    public function chanceToTrip(): float
    {
        return 1.0 - array_product(array_map(fn(PlannedZone $zone): float => 1.0 - $zone->nuisance()->chance, $this->zones));
    }

    /** Parts and labour, to the cent. */
    public function cost(): float
    {
        $parts = 0.0;
        foreach ($this->parts as $item => $count) {
            $parts += $count * $this->prices->price(Item::from($item));
        }

        return round($parts + $this->prices->labour($this->minutes()), 2);
    }

    /** @param \Closure(Task): bool $where */
    private function minutesWhere(\Closure $where): float
    {
        $minutes = 0.0;
        foreach (Task::cases() as $task) {
            $minutes += $where($task) ? ($this->tasks[$task->value] ?? 0) * $this->prices->minutes($task) : 0.0;
        }

        return $minutes;
    }
}
