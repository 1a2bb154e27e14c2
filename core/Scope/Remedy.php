<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\House\House;

/** One way to cure a finding: what is done, in words and in steps, and the house after it. */
final readonly class Remedy
{
    /**
     * @param list<Step> $steps
     * @param bool $isToBeProved whether only what is read afterwards clears the finding
     */
    public function __construct(
        public string $text,
        public array $steps,
        public House $house,
        public bool $isToBeProved = false,
    ) {
    }
}
