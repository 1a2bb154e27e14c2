<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Spot;

/** A place, and what of the house around it says which faults there may be. */
final readonly class Surroundings
{
    /** @param array<Point> $lenders outlets a neutral may have been borrowed from, by the way of their neutral */
    public function __construct(
        public House $house,
        public FeedMap $feeds,
        public Spot $at,
        public array $lenders = [],
    ) {
    }

    public function point(): ?Point
    {
        return $this->at->point === null ? null : $this->house->point($this->at->point);
    }

    public function circuit(): ?Circuit
    {
        return $this->at->circuit === null ? null : $this->house->circuit($this->at->circuit);
    }

    public function cable(): ?Cable
    {
        return $this->house->findCable($this->at->cable);
    }

    /** Whether a device stands there that opens by itself, be it a breaker. */
    public function hasProtector(): bool
    {
        return $this->circuit() !== null || $this->point()?->device->feedsThrough() === true;
    }

    public function hasGfci(): bool
    {
        return $this->circuit()?->breaker()->givesGfci() ?? $this->point()?->device->givesGfci() ?? false;
    }
}
