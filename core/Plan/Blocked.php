<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

/** What stands in the way of any plan. */
final readonly class Blocked
{
    /**
     * @param list<Obstacle> $by
     * @param Plan|null $allBut the cheapest plan that leaves out nothing but those outlets; null where even that is not to be had
     */
    public function __construct(
        public Strategy $strategy,
        public array $by,
        public ?Plan $allBut = null,
    ) {
    }
}
