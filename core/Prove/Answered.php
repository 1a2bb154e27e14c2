<?php

declare(strict_types=1);

namespace Bouclier\Core\Prove;

use Bouclier\Core\House\Entries\RoundStep;
use Bouclier\Core\House\Half;
use Bouclier\Core\Network\Lamps;

/** What was seen of one step of a round. */
final readonly class Answered
{
    /**
     * @param bool $asExpected whether it was as it should be
     * @param Lamps|null $lamps that were read, where they were
     * @param float|null $volts that were read, hot to neutral
     * @param float|null $ms milliseconds the device took
     * @param list<string> $stayedLive ids of outlets that a TEST should have made dead
     * @param bool $tripped whether the device opened at all
     * @param string|null $text in own words
     * @param string|null $interim what holds until it is mended: left off, capped
     * @param string|null $due ISO 8601, a day, until when it is mended
     * @param string|null $instrument the meter it was read with
     */
    public function __construct(
        public RoundStep $step,
        public string $at,
        public bool $asExpected,
        public ?Half $half = null,
        public ?Lamps $lamps = null,
        public ?float $volts = null,
        public ?float $ms = null,
        public array $stayedLive = [],
        public bool $tripped = true,
        public ?string $text = null,
        public ?string $interim = null,
        public ?string $due = null,
        public ?string $instrument = null,
    ) {
    }

    public function key(): string
    {
        return ToSee::named($this->step, $this->at, $this->half);
    }
}
