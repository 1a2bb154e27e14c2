<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

/** One pair of an opened box lifted, the circuit then on again: what is dead while it is lifted. If the box itself died it was the feed. */
final readonly class PairLifted implements Observation
{
    /**
     * @param list<string> $dead
     * @param list<string> $live
     */
    public function __construct(
        public string $point,
        public string $pair,
        public array $dead,
        public array $live,
    ) {
    }

    public function points(): array
    {
        return [$this->point, ...$this->dead, ...$this->live];
    }

    public function spoken(Codes $codes): string
    {
        return "With pair {$this->pair} of {$codes->point($this->point)} lifted, {$codes->list($this->dead)} was dead"
            . ($this->live === [] ? '' : " and {$codes->list($this->live)} live");
    }
}
