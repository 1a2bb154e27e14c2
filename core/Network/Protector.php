<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;

/** A device or breaker that opens by itself, with the residual in milliamperes it opens at; null where it watches none. */
final readonly class Protector
{
    public function __construct(
        public string $id,
        public Point|Circuit $is,
        public bool $givesGfci,
        public bool $givesAfci,
        public ?float $tripMa,
        public bool $isStuck,
        public bool $isDead,
    ) {
    }

    public function isProtective(): bool
    {
        return $this->givesGfci || $this->givesAfci;
    }

    public function isBreaker(): bool
    {
        return $this->is instanceof Circuit;
    }
}
