<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

/** Whether hands may go on the conductors of a point, and why, or why not. */
final readonly class HandsOn
{
    public function __construct(
        public bool $allowed,
        public string $why,
    ) {
    }
}
