<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Deeds;

use Bouclier\Core\House\Places;
use Bouclier\Core\Practice\BoxProof;
use Bouclier\Core\Practice\Visit;

/** The meter tried on an outlet that is live, every conductor of the box read, and the meter tried again. */
final readonly class ReadDead extends BoxDeed
{
    private const MINUTES = 2.0;

    public static function name(): string
    {
        return 'read_dead';
    }

    public function minutes(Visit $visit): float
    {
        return self::MINUTES;
    }

    public function done(Places $places): string
    {
        return "Meter tried on a live outlet, read at {$places->point($this->point)}, tried again";
    }

    public function carryOut(Visit $visit): string
    {
        return BoxProof::read($visit, $this->point, tried: true);
    }
}
