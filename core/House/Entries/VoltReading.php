<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Between;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Terminals;
use Bouclier\Core\House\Value;

/** One reading of a proof: how many volts, and where the meter was held. */
final readonly class VoltReading
{
    public function __construct(
        public float $volts,
        #[Said(Value::Id)]
        public ?string $point = null,
        public ?Half $half = null,
        #[Said(Value::Id)]
        public ?string $pair = null,
        public ?Between $between = null,
        public ?bool $lowZ = null,
        public ?Terminals $terminals = null,
        public ?object $x = null,
    ) {
    }
}
