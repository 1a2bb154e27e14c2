<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Where an outlet lies against a tub or shower, in feet (406.9(C)). */
final readonly class TubZone
{
    public function __construct(
        public ?float $horizontalFt = null,
        #[Said(Value::AnyNumber)]
        public ?float $aboveRimFt = null,
        public ?bool $oppositeWall = null,
        public ?object $x = null,
    ) {
    }
}
