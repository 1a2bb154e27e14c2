<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

/** What stands in the way of any plan. */
final readonly class Blocked
{
    /** @param list<Obstacle> $by */
    public function __construct(
        public Strategy $strategy,
        public array $by,
    ) {
    }
}
