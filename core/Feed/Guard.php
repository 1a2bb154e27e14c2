<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;

/** One device or breaker that protects an outlet. */
final readonly class Guard
{
    /** @param string|null $shown by what it was seen to protect the outlet, in words; null where the drawing says so */
    public function __construct(
        public Point|Circuit $by,
        public ?string $shown = null,
    ) {
    }

    public function id(): string
    {
        return $this->by->id;
    }

    public function isBreaker(): bool
    {
        return $this->by instanceof Circuit;
    }

    /** How it is spoken of: a location code, or a breaker by its slot. */
    public function spoken(): string
    {
        return $this->by instanceof Point ? $this->by->code : "breaker {$this->by->slot} {$this->by->label}";
    }
}
