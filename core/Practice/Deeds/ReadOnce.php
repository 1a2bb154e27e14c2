<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Deeds;

use Bouclier\Core\House\Places;
use Bouclier\Core\Practice\BoxProof;
use Bouclier\Core\Practice\Visit;

/** The meter held to every conductor of a box, without a word on whether the meter works. */
final readonly class ReadOnce extends BoxDeed
{
    private const MINUTES = 1.0;

    public static function name(): string
    {
        return 'read_once';
    }

    public function minutes(Visit $visit): float
    {
        return self::MINUTES;
    }

    public function done(Places $places): string
    {
        return "Meter out of the bag, read at {$places->point($this->point)}";
    }

    public function carryOut(Visit $visit): string
    {
        return BoxProof::read($visit, $this->point, tried: false);
    }
}
