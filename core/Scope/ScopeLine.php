<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\House\House;

/** One line of a scope: what is wrong, what is done for it, and what it takes. One cure stands once, whatever it cures. */
final readonly class ScopeLine
{
    /**
     * @param string $key the same line as long as the same is cured by the same
     * @param string $title what is done, for a colleague
     * @param string $plain what is wrong and why it matters, for the customer
     * @param list<Finding> $findings what it cures
     * @param list<string> $clauses that ask for it
     * @param list<string> $codes outlets it is about
     * @param list<Step>|null $alone what is done where it is done by itself; null where it comes only with the plan
     * @param list<Step> $steps what is done beside the plan; none where the plan cures it
     * @param House|null $then the house after it, the plan carried out before; null where nothing in it is other
     */
    public function __construct(
        public string $key,
        public Need $need,
        public string $title,
        public string $plain,
        public array $findings,
        public array $clauses,
        public array $codes,
        public ?array $alone,
        public array $steps,
        public ?House $then = null,
        public bool $isToBeProved = false,
        public bool $isUncured = false,
    ) {
    }

    public function isOfThePlan(): bool
    {
        return $this->key === Scope::PLAN;
    }

    /** Whether it is to be done unless somebody says otherwise. */
    public function isNeeded(): bool
    {
        return $this->isOfThePlan() || $this->need !== Need::Could;
    }
}
