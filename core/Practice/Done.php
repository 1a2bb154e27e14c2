<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\Practice\Dangers\Danger;
use Bouclier\Core\Practice\Deeds\Deed;

/** One step of a visit. */
final readonly class Done
{
    /**
     * @param string $read what it showed, in words
     * @param float $minutes it took
     * @param float $at minutes into the visit when it was done
     * @param list<string> $open boxes that stand open then, by point id
     * @param int $tests tests in the notebook then
     * @param Danger|null $danger that stopped it: then it was not carried out
     */
    public function __construct(
        public Deed $deed,
        public string $read,
        public float $minutes,
        public float $at,
        public array $open,
        public int $tests,
        public ?Danger $danger = null,
    ) {
    }
}
