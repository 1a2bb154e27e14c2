<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\House\House;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\PlanChoice;
use Bouclier\Core\Plan\PriceTable;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Bill;
use Bouclier\Core\Scope\Need;
use Bouclier\Core\Scope\Scope;
use Bouclier\Core\Scope\ScopeLine;
use Bouclier\Core\Scope\Step;

/**
 * Scope and price: the plan and the cure of every finding, line by line, and what some of them come to together.
 *
 * @phpstan-type StepSent array{
 *     task: value-of<Task>,
 *     item: value-of<Item>|null,
 *     count: float,
 *     point: string|null,
 *     circuit: string|null,
 *     finish: string,
 * }
 * @phpstan-type ScopeLineShown array{
 *     key: string,
 *     need: value-of<Need>,
 *     // For a colleague, and for the customer.
 *     title: string,
 *     plain: string,
 *     clauses: list<string>,
 *     why: list<string>,
 *     codes: list<string>,
 *     // By itself; null where it comes only with the plan.
 *     alone: array{minutes: float, cost: float}|null,
 *     // To the plan; of the plan itself all it takes.
 *     adds: array{minutes: float, cost: float},
 *     steps: list<StepSent>,
 *     ofThePlan: bool,
 *     // To be done unless somebody says otherwise.
 *     needed: bool,
 *     toBeProved: bool,
 *     uncured: bool,
 *     // Whether it is other on the drawings.
 *     drawn: bool,
 * }
 * @phpstan-type PartLine array{item: value-of<Item>, name: string, finish: string, count: float, each: float}
 * @phpstan-type BillShown array{
 *     minutes: float,
 *     minutesAtPanel: float,
 *     parts: list<PartLine>,
 *     partsCost: float,
 *     cost: float,
 * }
 * @phpstan-type NeedName array{need: value-of<Need>, name: string}
 * @phpstan-type ScopePage array{
 *     edition: string,
 *     needs: list<NeedName>,
 *     lines: list<ScopeLineShown>,
 *     // Of all that must and should be done.
 *     bill: BillShown,
 * }
 */
final class ScopeSheet
{
    /**
     * @param (\Closure(): void)|null $between as for {@see Scope::of()}
     *
     * @return ScopePage
     */
    public static function of(House $house, PlanChoice $choice, ?\Closure $between = null): array
    {
        $scope = Scope::of($house, $choice->asFarAsItGoes($house), $between);

        return [
            'edition' => $house->code->edition->label(),
            'needs' => array_map(fn(Need $need): array => ['need' => $need->value, 'name' => $need->label()], Need::cases()),
            'lines' => array_map(fn(ScopeLine $line): array => self::line($line, $scope), $scope->lines),
            'bill' => self::shown($scope->bill($scope->needed())),
        ];
    }

    /** @return ScopeLineShown */
    private static function line(ScopeLine $line, Scope $scope): array
    {
        $alone = $scope->alone($line);
        $adds = $scope->adds($line);

        return [
            'key' => $line->key,
            'need' => $line->need->value,
            'title' => $line->title,
            'plain' => $line->plain,
            'clauses' => $line->clauses,
            'why' => array_values(array_unique(array_map(fn(Finding $finding): string => $finding->why, $line->findings))),
            'codes' => $line->codes,
            'alone' => $alone === null ? null : ['minutes' => $alone->minutes(), 'cost' => $alone->cost()],
            'adds' => ['minutes' => $adds->minutes, 'cost' => $adds->cost],
            'steps' => array_map(self::step(...), $line->steps),
            'ofThePlan' => $line->isOfThePlan(),
            'needed' => $line->isNeeded(),
            'toBeProved' => $line->isToBeProved,
            'uncured' => $line->isUncured,
            'drawn' => $line->then !== null && ! $line->isToBeProved,
        ];
    }

    /**
     * What steps come to, done together.
     *
     * @param list<Step> $steps
     *
     * @return BillShown
     */
    public static function bill(House $house, array $steps): array
    {
        return self::shown(new Bill($steps, PriceTable::of($house)));
    }

    /** @return StepSent */
    public static function step(Step $step): array
    {
        return [
            'task' => $step->task->value,
            'item' => $step->item?->value,
            'count' => $step->count,
            'point' => $step->at->point,
            'circuit' => $step->at->circuit,
            'finish' => $step->finish,
        ];
    }

    /** @return BillShown */
    private static function shown(Bill $bill): array
    {
        $parts = [];
        foreach ($bill->steps as $step) {
            if ($step->item !== null) {
                $key = "{$step->item->value} {$step->finish}";
                $parts[$key] ??= [
                    'item' => $step->item->value,
                    'name' => $step->item->label(),
                    'finish' => $step->finish,
                    'count' => 0.0,
                    'each' => $bill->prices->price($step->item),
                ];
                $parts[$key]['count'] += $step->count;
            }
        }
        ksort($parts);

        return [
            'minutes' => $bill->minutes(),
            'minutesAtPanel' => $bill->minutesAtThePanel(),
            'parts' => array_values($parts),
            'partsCost' => round($bill->partsCost(), 2),
            'cost' => $bill->cost(),
        ];
    }
}
