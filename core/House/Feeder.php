<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The conductors a sub-panel hangs on. */
final readonly class Feeder
{
    public function __construct(
        #[Said(Value::OneOf, null, 14, 12, 10, 8, 6, 4, 2)]
        public ?int $awg = null,
        public ?float $lengthFt = null,
        public ?object $x = null,
    ) {
    }
}
