<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\CodeBook\Checks\LeakageBudget;
use Bouclier\Core\House\House;

/** What a plan goes by: the strategy, the prices, the leakage a GFCI may be given, and which arrangements are kept. */
final readonly class Terms
{
    /** Rounding of a sum of leakages, mA. */
    private const ROUNDING_MA = 1e-9;

    /** @param array<bool> $excused outlets whose protection is given up, by id */
    public function __construct(
        public Strategy $strategy,
        public PriceTable $prices,
        public float $budgetMa,
        public Aim $aim = Aim::Cheapest,
        private array $excused = [],
    ) {
    }

    /** @param array<bool> $excused outlets whose protection is given up, by id */
    public function excusing(array $excused): self
    {
        return new self($this->strategy, $this->prices, $this->budgetMa, $this->aim, $excused);
    }

    public function excuses(Stop $stop): bool
    {
        return isset($this->excused[$stop->point->id]);
    }

    public static function of(House $house, Strategy $strategy, Aim $aim = Aim::Cheapest): self
    {
        return new self($strategy, PriceTable::of($house), LeakageBudget::for($house), $aim);
    }

    /** Whether a GFCI may protect all that: it leaks no more than its budget, and nothing that is to be alone shares it. */
    public function allows(Stretch $zone): bool
    {
        return $zone->milliamperes() <= $this->budgetMa + self::ROUNDING_MA && ! $zone->sharesWhatIsAlone();
    }

    /** What the zone of a GFCI may leak at worst, mA; not looked at where only the cost counts. */
    public function atWorstMa(Stretch $zone): float
    {
        return $this->aim === Aim::Cheapest ? 0.0 : $zone->atWorstMa();
    }
}
