<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** One thing done. */
final readonly class Action
{
    /** @param Spot $at where: what the keys `at`, `circuit`, `point`, `cable` and `appliance` of the file name */
    public function __construct(
        public ActionKind $kind,
        public Spot $at = new Spot(),
        public ?string $to = null,
        public ?string $pair = null,
        public bool $on = false,
        public string $between = 'hn',
        public bool $lowZ = false,
        public Conductor $conductor = Conductor::Hot,
        public float $minutes = 0.0,
        public int $days = 0,
    ) {
    }
}
