<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

/** Something read, by an instrument or by eye, that changes nothing. */
abstract readonly class Instrument extends Action
{
    /** How likely a reading is as the house stands under a cause; what it says of leakages and of how hard the cause is stays with it. */
    abstract protected function likelihood(Following $following, World $world, Reading $reading): float;

    /** What it may show as the house stands under a cause. */
    abstract protected function shows(Following $following, World $world): Chances;

    public function onlyShows(): bool
    {
        return true;
    }

    final public function read(Following $following, World $world, Reading $reading): array
    {
        $world->weight *= $this->likelihood($following, $world, $reading);

        return [$world];
    }

    final public function chances(Following $following, World $world, ?array $open = null): Chances
    {
        $chances = new Chances();
        $chances->addAll($this->shows($following, $world), $world->weight);

        return $chances;
    }
}
