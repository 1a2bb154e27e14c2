<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The conductors a sub-panel hangs on. */
final readonly class Feeder
{
    public function __construct(
        public ?int $awg = null,
        public ?float $lengthFt = null,
        public ?object $x = null,
    ) {
    }
}
