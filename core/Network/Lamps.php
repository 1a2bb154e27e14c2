<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** What the three lamps of a plug-in tester show: hot to neutral, hot to ground, neutral to ground. */
final readonly class Lamps
{
    public function __construct(
        public bool $hn,
        public bool $hg,
        public bool $ng,
    ) {
    }

    /** The lamps that are lit, in words. */
    public function spoken(): string
    {
        $lit = array_keys(array_filter(['hot to neutral' => $this->hn, 'hot to ground' => $this->hg, 'neutral to ground' => $this->ng]));

        return $lit === [] ? 'dark' : implode(' and ', $lit) . ' lit';
    }

    public function equals(self $other): bool
    {
        return [$this->hn, $this->hg, $this->ng] === [$other->hn, $other->hg, $other->ng];
    }
}
