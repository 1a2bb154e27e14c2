<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\House\Half;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\Terminals;

/** A point seen live or dead: what showed it, when, and whether an instrument in contact did. */
final readonly class Sighting
{
    /**
     * @param bool $isLive anything that speaks against dead: 5 V, a glow, what was told
     * @param bool $isContact a meter or lamps on the conductors: what glows without touching, or was told of, ends a proof and never makes
     *        one
     * @param bool $isLine an instrument in contact showed line voltage, not what may be induced
     * @param string $shown what showed it, in words
     * @param string $entry the fact it was taken from, as it is written down
     * @param int|null $at seconds since 1970
     */
    public function __construct(
        public string $point,
        public bool $isLive,
        public bool $isContact,
        public string $shown,
        public string $entry,
        public ?int $at = null,
        public ?string $time = null,
        public ?string $who = null,
        public ?Half $half = null,
        public ?Terminals $terminals = null,
        public bool $isLine = false,
    ) {
    }

    /** Who saw it and when, to be said behind what was seen. */
    public function by(): string
    {
        return ($this->who === null ? '' : " by {$this->who}") . Moment::at($this->time);
    }

    /** Whether it says something of the place a meter is held: a face by its half, LINE by its terminals, pairs by any. */
    public function isOf(ToRead $place, bool $isTabBroken): bool
    {
        return match (true) {
            $place->pair !== null => true,
            $place->terminals !== null => $this->terminals === Terminals::Line,
            $this->terminals !== null => false,
            default => $this->half === null || $place->half === null || $this->half === $place->half || ! $isTabBroken,
        };
    }
}
