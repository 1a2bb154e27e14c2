<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Conductor;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultEnds;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Network\GridBuilder;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Instruments;
use Bouclier\Core\Network\Looks;
use Bouclier\Core\Network\Networks;
use Bouclier\Core\Network\PluggedIn;
use Bouclier\Core\Network\Solution;
use Bouclier\Core\Network\Tripping;

/**
 * The network of a house under any cause, quickly. The house without a cause is built and solved once for each condition; a cause that is a resistor somewhere, or a
 * conductor that is open or poor, changes one branch of it, one at the slots of an outlet moves what is plugged in there, and only one that joins conductors otherwise is
 * built anew.
 */
final class Foresight implements Networks
{
    /** Networks that are kept. */
    private const KEPT = 150;

    private readonly GridBuilder $builder;

    private ?MeterReadings $meters = null;

    public readonly Tripping $tripping;

    public readonly Instruments $instruments;

    public readonly Looks $looks;

    /** @var array<string, HouseGrid> wiring by itself, by which pairs are lifted and what is built in */
    private array $wired = [];

    /** @var array<string, HouseGrid> with what is plugged in, by condition and what is built in */
    private array $built = [];

    public function __construct(
        public readonly House $house,
        public readonly FeedMap $feeds,
    ) {
        $this->builder = new GridBuilder($house, $feeds);
        $this->tripping = new Tripping($house, $feeds, [], Draws::exact(), $this);
        $this->instruments = new Instruments($house);
        $this->looks = new Looks($house, Draws::exact());
    }

    public function meters(): MeterReadings
    {
        return $this->meters ??= new MeterReadings($this);
    }

    public function build(Condition $condition, ?string $liftedAtPanel = null): HouseGrid
    {
        $branches = $slots = $joined = [];
        foreach ($condition->faults as $fault) {
            if ($this->isBranch($fault)) {
                $branches[] = $fault;
            } elseif ($fault->kind === FaultKind::Bootleg || $fault->kind === FaultKind::BorrowedNeutral) {
                $slots[] = $fault;
            } elseif (! $fault->kind->isWear() && ! $fault->kind->isArc()) {
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

    /** @param list<Fault> $faults built in */
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
    private function withSlots(HouseGrid $grid, Condition $condition, Fault $fault): HouseGrid
    {
        $point = $fault->at->point ?? '';
        $before = $grid->faces[$point];
        [$hot, $neutral, $ground] = $before;
        $after = $fault->kind === FaultKind::Bootleg ? [$hot, $neutral, $neutral] : [$hot, $grid->boxes[$fault->lender ?? ''][2], $ground];
        $solution = $grid->solution();
        foreach (PluggedIn::in($this->house, $condition) as [$at, $slot, $g, $b]) {
            $solution = $at !== $point || $before[$slot] === $after[$slot] ? $solution : $solution->with($hot, $before[$slot], -$g, -$b)->with($hot, $after[$slot], $g, $b);
        }
        $changed = $grid->solvedAs($solution);
        $changed->faces[$point] = $after;

        return $changed;
    }

    /** A ground that is open is built anew: what little leaks through its capacitance is all there is to read. */
    private function isBranch(Fault $fault): bool
    {
        return $fault->kind->isResistor() || (($fault->kind === FaultKind::HighResistance || $fault->kind === FaultKind::Open) && $fault->at->cable !== null && $fault->conductor !== Conductor::Ground && $this->hasLength($fault->at->cable));
    }

    private function hasLength(string $id): bool
    {
        return ($this->house->findCable($id)->lengthFt ?? 0.0) > 0.0;
    }

    private function changed(HouseGrid $grid, Solution $solution, Condition $condition, Fault $fault): Solution
    {
        if ($fault->kind->isResistor()) {
            $ends = FaultEnds::of($grid, $this->house, $condition, $fault);

            return $ends === null ? $solution : $solution->with($ends[0], $ends[1], 1.0 / $fault->ohms);
        }
        // Both hots of a shared cable.
        foreach ($fault->conductor === Conductor::Hot ? ['hot', 'hot2'] : [$fault->conductor->value ?? ''] as $name) {
            $branch = $grid->cables[$fault->at->cable ?? ''][$name]->branch ?? null;
            $solution = $branch === null ? $solution : $solution->withBranch($branch, $fault->kind === FaultKind::Open ? 0.0 : 1.0 / (1.0 / $grid->grid->at($branch)[2] + $fault->ohms));
        }

        return $solution;
    }
}
