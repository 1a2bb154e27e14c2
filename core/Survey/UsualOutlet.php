<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Serves;

/** What a room of some kind usually has: so many outlets that serve one thing, to be confirmed, placed or struck out. */
final readonly class UsualOutlet
{
    /** @param float|null $everyFt along a counter: each so far from the one before, the first so far from the water, in feet */
    public function __construct(
        public Serves $serves,
        public int $count = 1,
        public ?float $everyFt = null,
    ) {
    }
}
