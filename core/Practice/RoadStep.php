<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

/** One step of a road, with what it told. */
final readonly class RoadStep
{
    /**
     * @param float|null $bits what it told of the cause; less than nothing where it made it less sure; null where it was no test
     * @param float|null $sure how likely the likeliest cause was then
     */
    public function __construct(public Done $done, public ?float $bits, public ?float $sure)
    {
    }
}
