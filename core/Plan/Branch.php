<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\Cable;

/** A cable that leaves a stop, and what it feeds. */
final readonly class Branch
{
    /**
     * @param Cable|null $cable null where none is drawn, and a test has shown that the device protects what lies beyond
     * @param bool $isOnLoad whether it is landed on LOAD now
     * @param bool $mayBeOnLoad false for a shared cable, whose neutral stays spliced, and one of another circuit
     * @param Stretch $beyond what lies in it: the cable and all it feeds
     */
    public function __construct(
        public ?Cable $cable,
        public Stop $to,
        public bool $isOnLoad,
        public bool $mayBeOnLoad,
        public Stretch $beyond,
    ) {
    }

    /** @return list<bool> whether it is on LOAD, each way that may be */
    public function landings(bool $areFixed): array
    {
        return match (true) {
            $areFixed, $this->cable === null => [$this->isOnLoad],
            $this->mayBeOnLoad => [$this->isOnLoad, ! $this->isOnLoad],
            default => [false],
        };
    }
}
