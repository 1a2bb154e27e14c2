<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\Device;

/** What a plan does in one box. */
final readonly class Pick
{
    /**
     * @param list<Branch> $onLoad what is landed on LOAD of a device that protects
     * @param bool $isRelanded whether pairs are landed otherwise and the device stays
     * @param Stretch|null $zone what its GFCI protects; null where it has none
     */
    public function __construct(
        public Stop $stop,
        public Device $device,
        public array $onLoad,
        public bool $isRelanded,
        public ?Stretch $zone,
    ) {
    }

    public function isSwapped(): bool
    {
        return $this->device !== $this->stop->point->device;
    }
}
