<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\PairMeans;

/** A pair found live or not with all pairs apart. Whether that is certain goes by the means. */
final readonly class PairRead implements Observation
{
    public function __construct(
        public string $point,
        public string $pair,
        public bool $live,
        public PairMeans $by,
    ) {
    }

    public function points(): array
    {
        return [$this->point];
    }

    public function spoken(Codes $codes): string
    {
        if ($this->by === PairMeans::Cap) {
            return "With pair {$this->pair} of {$codes->point($this->point)} capped the outlet " . ($this->live ? 'was dead' : 'worked');
        }

        return "Pair {$this->pair} of {$codes->point($this->point)} was " . ($this->live ? 'live' : 'not live')
            . " by {$this->by->label()}";
    }
}
