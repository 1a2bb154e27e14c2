<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\House;

/** One plan of those there are, by what it is chosen by: a strategy, or the cost and the walks of one between them. */
final readonly class PlanChoice
{
    private const SAME = 0.005;

    public function __construct(public Strategy $strategy, private ?float $cost = null, private ?int $walks = null)
    {
    }

    /** What is planned for, be it all but a few outlets; null where nothing is to be had. */
    public function asFarAsItGoes(House $house): ?Plan
    {
        $plan = $this->in($house);

        return $plan instanceof Blocked ? $plan->allBut : $plan;
    }

    public function in(House $house): Plan|Blocked
    {
        if ($this->cost !== null) {
            foreach ((new Planner($house, Terms::of($house, $this->strategy, Aim::EveryTrade)))->all() as $plan) {
                if (abs($plan->cost() - $this->cost) < self::SAME && ($this->walks === null || $plan->walks === $this->walks)) {
                    return $plan;
                }
            }
        }

        return (new Planner($house, Terms::of($house, $this->strategy)))->cheapest();
    }
}
