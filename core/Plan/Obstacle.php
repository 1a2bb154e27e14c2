<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\Point;

/** An outlet that cannot be satisfied, and why not. */
final readonly class Obstacle
{
    public function __construct(
        public Point $point,
        public string $why,
    ) {
    }
}
