<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\House\Entries\Draft;
use Bouclier\Core\House\Entries\OfferAccepted;
use Bouclier\Core\House\House;
use Bouclier\Core\Plan\Aim;
use Bouclier\Core\Plan\Applied;
use Bouclier\Core\Plan\Blocked;
use Bouclier\Core\Plan\Obstacle;
use Bouclier\Core\Plan\Plan;
use Bouclier\Core\Plan\Planner;
use Bouclier\Core\Plan\PlanWords;
use Bouclier\Core\Plan\Strategy;
use Bouclier\Core\Plan\Terms;
use Bouclier\Core\Scope\Inspection;

/**
 * What may be decided: three plans side by side, every one between them that no other beats, and the drafts that were kept.
 *
 * @phpstan-type PlanFigures array{
 *     cost: float,
 *     minutes: float,
 *     minutesAtPanel: float,
 *     // Boxes that are opened in the rooms.
 *     boxes: int,
 *     // Outlets whose protection is reset in another room.
 *     walks: int,
 *     // mA to spare where it comes nearest to tripping by itself, at worst; null where no GFCI is in it.
 *     spareMa: float|null,
 *     // Of tripping by itself on what leaks with nothing wrong.
 *     chance: float,
 * }
 * @phpstan-type PlanName array{strategy: value-of<Strategy>, cost: float|null, walks: int|null}
 * @phpstan-type PlanCard array{
 *     strategy: value-of<Strategy>,
 *     name: string,
 *     // What sets it apart from the others, in a sentence.
 *     said: string,
 *     // Outlets that still want something then.
 *     left: int,
 *     // Of a plan for all but those that stand in the way; null where none is to be had.
 *     figures: PlanFigures|null,
 *     blocked: list<array{point: string, code: string, why: string}>,
 * }
 * @phpstan-type DraftLine array{id: string, name: string, who: string|null, at: string|null, changes: int}
 * @phpstan-type AcceptedLine array{name: string, at: string, total: float, validUntil: string|null, lines: list<string>}
 * @phpstan-type DecidePage array{
 *     // Outlets that ask for something they do not have.
 *     wanting: int,
 *     plans: list<PlanCard>,
 *     // Every plan that no other beats in cost, walks and what it has to spare: the cheapest first.
 *     between: list<PlanFigures>,
 *     drafts: list<DraftLine>,
 *     // What customers have accepted, as it was filed.
 *     accepted: list<AcceptedLine>,
 * }
 */
final class DecideSheet
{
    /** @return DecidePage */
    public static function of(House $house): array
    {
        $plans = [];
        foreach (Strategy::cases() as $strategy) {
            $plans[$strategy->value] = (new Planner($house, Terms::of($house, $strategy)))->cheapest();
        }
        $cheapest = $plans[Strategy::Fewest->value];

        return [
            'wanting' => count((new Inspection($house))->wanting()),
            'plans' => array_map(
                fn(Strategy $strategy): array => self::card($strategy, $plans[$strategy->value], $cheapest, $house),
                Strategy::cases(),
            ),
            'between' => array_map(
                self::figures(...),
                (new Planner($house, Terms::of($house, Strategy::Fewest, Aim::EveryTrade)))->all(),
            ),
            'drafts' => self::drafts($house),
            'accepted' => array_map(fn(OfferAccepted $one): array => [
                'name' => $one->acceptedBy,
                'at' => $one->acceptedAt,
                'total' => $one->total,
                'validUntil' => $one->validUntil,
                'lines' => explode("\n", $one->text),
            ], $house->entries->all(OfferAccepted::class)),
        ];
    }

    /** @return PlanCard */
    private static function card(Strategy $strategy, Plan|Blocked $plan, Plan|Blocked $cheapest, House $house): array
    {
        $reached = $plan instanceof Plan ? $plan : $plan->allBut;

        return [
            'strategy' => $strategy->value,
            'name' => $strategy->label(),
            'said' => PlanWords::said($plan, $cheapest, $house),
            'left' => $plan instanceof Plan || $reached === null
                ? 0
                : count((new Inspection((new Applied($house, $reached))->house()))->wanting()),
            'figures' => $reached === null ? null : self::figures($reached),
            'blocked' => $plan instanceof Plan ? [] : array_map(fn(Obstacle $one): array => [
                'point' => $one->point->id,
                'code' => $one->point->code,
                'why' => $one->why,
            ], $plan->by),
        ];
    }

    /** @return PlanFigures */
    public static function figures(Plan $plan): array
    {
        $nearest = $plan->nearest();

        return [
            'cost' => $plan->cost(),
            'minutes' => $plan->minutes(),
            'minutesAtPanel' => $plan->minutesAtThePanel(),
            'boxes' => $plan->boxes(),
            'walks' => $plan->walks,
            'spareMa' => $nearest === null ? null : round($nearest->spareAtWorstMa, 2),
            'chance' => round($plan->chanceToTrip(), 4),
        ];
    }

    /** @return list<DraftLine> */
    private static function drafts(House $house): array
    {
        return array_map(fn(Draft $draft): array => [
            'id' => (string) $draft->id,
            'name' => $draft->name,
            'who' => $draft->who,
            'at' => $draft->atTime,
            'changes' => count($draft->changes),
        ], $house->entries->identified()->all(Draft::class));
    }
}
