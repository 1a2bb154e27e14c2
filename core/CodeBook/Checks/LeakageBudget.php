<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Check;
use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\ZoneLeakage;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Tripping;

/**
 * Honest leakages that add up behind one GFCI, device or breaker. It holds below 4 mA; half of that is spoken for by what comes and goes.
 */
abstract class LeakageBudget implements Check
{
    use Found;

    public const DEFAULT_MA = 2.5;

    final public function finds(): array
    {
        return ['leakage_over_budget' => new Finds(Hazard::Dark, Clauses::none())];
    }

    /** @return list<Finding> */
    final protected function of(Guard $guard, Context $context): array
    {
        $leakage = ZoneLeakage::of($guard, $context->zones(), $context->feeds);
        $ma = $leakage->milliamperes();
        $budget = self::for($context->house);
        if ($ma < Tripping::HOLDS_MA && $ma <= $budget) {
            return [];
        }

        return [$this->found(
            'leakage_over_budget',
            $context,
            $ma >= Tripping::HOLDS_MA ? Severity::Error : Severity::Warning,
            sprintf(
                'What hangs on %s leaks %.2f mA with nothing wrong; %s mA is its budget, and from 4 mA on it may trip.%s',
                $guard->spoken(),
                $ma,
                $budget,
                self::cure($leakage),
            ),
            circuit: $guard->isBreaker() ? $guard->id() : null,
        )];
    }

    /** What would help most: the appliance that leaks the most on a device of its own. */
    private static function cure(ZoneLeakage $leakage): string
    {
        $most = null;
        foreach ($leakage->parts as $part) {
            $most = $part->of instanceof Appliance && $part->milliamperes() > ($most?->milliamperes() ?? 0.0) ? $part : $most;
        }

        return $most === null || ! $most->of instanceof Appliance
            ? ' Most of it is cable: protect nearer to the outlets.'
            : sprintf(' %s leaks the most, %.2f mA: put it on another device.', ucfirst($most->of->name), $most->milliamperes());
    }

    /** Milliamperes one device may be given: as the house file sets it, else our own. */
    public static function for(House $house): float
    {
        $set = $house->sections['budget_ma'] ?? null;

        return is_int($set) || is_float($set) ? (float) $set : self::DEFAULT_MA;
    }
}
