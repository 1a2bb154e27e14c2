<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultEnds;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Network\GridBuilder;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Protector;
use Bouclier\Core\Network\Solution;
use Bouclier\Core\Network\Tripping;

/**
 * What a cause would do. The house without any cause is solved once for each condition; a cause that is a resistor somewhere changes one branch of it, and only
 * one that joins conductors otherwise is built anew.
 */
final class Foresight
{
    private const JOINING = [FaultKind::Bootleg, FaultKind::BorrowedNeutral, FaultKind::Land, FaultKind::Swap, FaultKind::SwapHotGround, FaultKind::NeutralGround, FaultKind::Leak, FaultKind::Short];

    /** Of no effect on the network itself: what wears in a device, and arcs, which are momentary. */
    private const OUTSIDE = [FaultKind::DeadDevice, FaultKind::WeakDevice, FaultKind::StuckDevice, FaultKind::SeriesArc, FaultKind::ParallelArc];

    private readonly GridBuilder $builder;

    public readonly Tripping $tripping;

    /** @var array<string, HouseGrid> */
    private array $grids = [];

    public function __construct(
        public readonly House $house,
        public readonly FeedMap $feeds,
    ) {
        $this->builder = new GridBuilder($house, $feeds);
        $this->tripping = new Tripping($house, $feeds, [], Draws::exact());
    }

    /** @param list<Fault> $faults */
    public function view(Condition $condition, array $faults, float $volts = -1.0, ?string $lifted = null): View
    {
        $inNetwork = array_values(array_filter($faults, fn(Fault $fault): bool => ! in_array($fault->kind, self::OUTSIDE, true)));
        $resistors = array_filter($inNetwork, fn(Fault $fault): bool => in_array($fault->kind, [FaultKind::Leak, FaultKind::Short, FaultKind::NeutralGround], true));
        if (count($resistors) < count($inNetwork)) {
            $with = clone $condition;
            $with->faults = $inNetwork;
            $grid = $this->builder->build($with, $volts < 0.0 ? null : $volts, $lifted);

            return new View($grid, $grid->solution());
        }
        $key = serialize([$condition->off, $condition->open, $condition->plugged, $condition->running, $condition->lifted, $condition->button, $volts, $lifted]);
        $grid = $this->grids[$key] ??= $this->builder->build($condition, $volts < 0.0 ? null : $volts, $lifted);
        $solution = $grid->solution();
        foreach ($resistors as $fault) {
            $ends = FaultEnds::of($grid, $this->house, $condition, $fault);
            if ($ends !== null) {
                $solution = $solution->with($ends[0], $ends[1], 1.0 / $fault->ohms);
            }
        }

        return new View($grid, $solution);
    }

    /**
     * @param list<Fault> $faults
     *
     * @return array<float> the chance that each closed device or breaker opens now, by its id; those that surely hold are left out
     */
    public function trips(Condition $condition, array $faults, float $leakScale = 1.0): array
    {
        $view = $this->view($condition, $faults);
        $chances = [];
        foreach ($this->tripping->protectors() as $one) {
            $chance = $this->chance($view, $one, $condition, $faults, $leakScale);
            if ($chance > 0.0) {
                $chances[$one->id] = $chance;
            }
        }

        return $chances;
    }

    /** @param list<Fault> $faults */
    private function chance(View $view, Protector $one, Condition $condition, array $faults, float $leakScale): float
    {
        $isClosed = isset($view->grid->contacts[$one->id]) || ($one->isBreaker() && isset($view->grid->poles[$one->id]));
        $worn = array_filter($faults, fn(Fault $fault): bool => $fault->at->device() === $one->id);
        $has = fn(FaultKind $kind): bool => array_filter($worn, fn(Fault $fault): bool => $fault->kind === $kind) !== [];
        if (! $isClosed || $has(FaultKind::StuckDevice) || (! $one->isBreaker() && $view->lineVolts($one->id) < Tripping::LIVE_VOLTS)) {
            return 0.0;
        }
        if ($one->is instanceof Circuit) {
            foreach ($view->grid->poles[$one->id] ?? [] as $pole) {
                if (hypot(...$view->solution->current($pole)) > Tripping::MAGNETIC * $one->is->amps) {
                    return 1.0;
                }
            }
        }
        if (! $one->givesGfci() && ! $one->givesAfci()) {
            return 0.0;
        }
        $chance = $this->byResidual($view, $one, $worn, $leakScale);
        if ($chance < 1.0 && $one->givesGfci() && $this->isNeutralGrounded($one, $condition, $faults)) {
            return 1.0;
        }
        if ($chance < 1.0 && $one->givesAfci()) {
            $arcing = clone $condition;
            $arcing->faults = $faults;
            $chance = $this->tripping->arcs($view->grid, $one, $arcing) ? 1.0 : $chance;
        }

        return $chance;
    }

    /** @param array<Fault> $worn */
    private function byResidual(View $view, Protector $one, array $worn, float $leakScale): float
    {
        if ($one->tripMa === null) {
            return 0.0;
        }
        $ma = 1000.0 * $leakScale * $view->grid->residual($one->id, $view->solution);
        foreach ($worn as $fault) {
            if ($fault->kind === FaultKind::WeakDevice && $fault->tripMa !== null) {
                return $ma >= $fault->tripMa ? 1.0 : 0.0;
            }
        }
        [$holds, $trips] = $one->givesGfci() ? [Tripping::HOLDS_MA, Tripping::TRIPS_MA] : [Tripping::ELEMENT_MA[0], Tripping::ELEMENT_MA[1]];

        return max(0.0, min(1.0, ($ma - $holds) / ($trips - $holds)));
    }

    /** @param list<Fault> $faults */
    private function isNeutralGrounded(Protector $one, Condition $condition, array $faults): bool
    {
        if (array_filter($faults, fn(Fault $fault): bool => in_array($fault->kind, self::JOINING, true)) === []) {
            return false;
        }
        $bare = clone $condition;
        $bare->open[$one->id] = true;
        $bare->plugged = [];
        $view = $this->view($bare, $faults, 0.0, $one->isBreaker() ? $one->id : null);
        $below = fn(?int $terminal, Solution $solution): bool => $terminal !== null && $solution->ohmsToReference($terminal) < Tripping::GROUNDED_NEUTRAL_OHMS;
        if ($one->isBreaker()) {
            return $below($view->grid->liftedNeutrals[$one->id] ?? null, $view->solution);
        }

        return $below($view->grid->boxes[$one->id][3], $view->solution) && $below($view->grid->boxes[$one->id][2], $view->solution);
    }
}
