<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\ElectricalFault;
use Bouclier\Core\Network\FaultEnds;
use Bouclier\Core\Network\GridBuilder;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Instruments;
use Bouclier\Core\Network\Looks;
use Bouclier\Core\Network\Networks;
use Bouclier\Core\Network\PluggedIn;
use Bouclier\Core\Network\SlotReadings;
use Bouclier\Core\Network\Solution;
use Bouclier\Core\Network\Tripping;

/**
 * The network of a house under any cause, quickly. The house without a cause is built and solved once for each condition; a cause that is a
 * resistor somewhere, or a conductor that is open or poor, changes one branch of it, one at the slots of an outlet moves what is plugged in
 * there, and only one that joins conductors otherwise is built anew.
 */
final class Foresight implements Networks
{
    /** Networks that are kept. */
    private const KEPT = 150;

    private readonly GridBuilder $builder;

    public readonly Tripping $tripping;

    public readonly Instruments $instruments;

    public readonly Looks $looks;

    public readonly HonestLeakages $leakages;

    /** @var array<string, HouseGrid> wiring by itself, by which pairs are lifted and what is built in */
    private array $wired = [];

    /** @var array<string, HouseGrid> with what is plugged in, by condition and what is built in */
    private array $built = [];

    /** @var array<array{SlotReadings, HouseGrid}> by the number of the network, which is kept with them so that no other has it */
    private array $readings = [];

    public function __construct(
        public readonly House $house,
        public readonly FeedMap $feeds,
    ) {
        $this->builder = new GridBuilder($house, $feeds);
        $this->tripping = new Tripping($house, $feeds, [], Draws::exact(), $this);
        $this->instruments = new Instruments($house);
        $this->looks = new Looks($house, Draws::exact());
        $this->leakages = new HonestLeakages($house, $feeds);
    }

    /** @return array<mixed> all but the networks, which are built again when they are asked for */
    public function __serialize(): array
    {
        return array_diff_key(get_object_vars($this), ['wired' => null, 'built' => null, 'readings' => null]);
    }

    /** What instruments show at the slots of one of its networks. */
    public function readings(HouseGrid $grid): SlotReadings
    {
        return ($this->readings[spl_object_id($grid)] ??= [new SlotReadings($this->instruments, $grid), $grid])[0];
    }

    public function build(Condition $condition, ?string $liftedAtPanel = null): HouseGrid
    {
        $branches = $slots = $joined = [];
        foreach ($condition->faults as $fault) {
            if ($fault->resistor() !== null || $this->inSeries($fault) !== null) {
                $branches[] = $fault;
            } elseif ($fault->movesSlots()) {
                $slots[] = $fault;
            } elseif ($fault->wear() === null && $fault->arcsFromAmps() === null) {
                $joined[] = $fault;
            }
        }
        if ($joined !== []) {
            [$joined, $slots] = [[...$joined, ...$slots], []];
        }
        $grid = $this->with($joined, $condition, $liftedAtPanel);
        foreach ($slots as $fault) {
            $grid = $this->withSlots($grid, $condition, $fault);
        }
        $solution = $grid->solution();
        foreach ($branches as $fault) {
            $solution = $this->changed($grid, $solution, $condition, $fault);
        }

        return $solution === $grid->solution() ? $grid : $grid->solvedAs($solution);
    }

    /** @param list<ElectricalFault> $faults built in */
    private function with(array $faults, Condition $condition, ?string $lifted): HouseGrid
    {
        $wiring = serialize([$condition->lifted, $lifted, array_map(spl_object_id(...), $faults)]);
        $key = $wiring . serialize([$condition->off, $condition->open, $condition->plugged, $condition->running, $condition->button]);
        if (! isset($this->built[$key])) {
            if (count($this->built) >= self::KEPT) {
                $this->built = [];
            }
            if (count($this->wired) >= self::KEPT) {
                $this->wired = [];
            }
            $with = clone $condition;
            $with->faults = $faults;
            $this->built[$key] = $this->builder->standing($this->wired[$wiring] ??= $this->builder->wired($with, $lifted), $with);
        }

        return $this->built[$key];
    }

    /** The slots of an outlet joined to other conductors, and what is plugged in there gone with them. */
    private function withSlots(HouseGrid $grid, Condition $condition, ElectricalFault $fault): HouseGrid
    {
        $point = $fault->at->point ?? '';
        $before = $grid->faces[$point];
        $hot = $before[0];
        $after = $fault->slots($grid);
        $solution = $grid->solution();
        foreach (PluggedIn::in($this->house, $condition) as [$at, $slot, $g, $b]) {
            $solution = $at !== $point || $before[$slot] === $after[$slot]
                ? $solution
                : $solution->with($hot, $before[$slot], -$g, -$b)->with($hot, $after[$slot], $g, $b);
        }
        $changed = $grid->solvedAs($solution);
        $changed->faces[$point] = $after;

        return $changed;
    }

    /**
     * Ohms in series with a conductor that has a length: one without is a node, and has no branch to be changed.
     *
     * @return array{Conductor, float}|null
     */
    private function inSeries(ElectricalFault $fault): ?array
    {
        return ($this->house->findCable($fault->at->cable)->lengthFt ?? 0.0) > 0.0 ? $fault->inSeries() : null;
    }

    private function changed(HouseGrid $grid, Solution $solution, Condition $condition, ElectricalFault $fault): Solution
    {
        $resistor = $fault->resistor();
        if ($resistor !== null) {
            $ends = FaultEnds::of($grid, $this->house, $condition, $fault->at, $resistor);

            return $ends === null ? $solution : $solution->with($ends[0], $ends[1], 1.0 / $resistor->ohms);
        }
        [$conductor, $ohms] = $this->inSeries($fault) ?? [Conductor::Hot, 0.0];
        // Both hots of a shared cable.
        foreach ($conductor === Conductor::Hot ? ['hot', 'hot2'] : [$conductor->value] as $name) {
            $branch = $grid->cables[$fault->at->cable ?? ''][$name]->branch ?? null;
            $solution = $branch === null ? $solution : $solution->withBranch($branch, 1.0 / (1.0 / $grid->grid->at($branch)[2] + $ohms));
        }

        return $solution;
    }
}
