<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** Facts that cannot all hold, as few as show it: one of them is to be withdrawn. */
final readonly class Conflict
{
    /**
     * @param list<int> $observations places in the file's list
     * @param list<string> $cables
     */
    public function __construct(
        public array $observations,
        public array $cables,
        public string $why,
    ) {
    }
}
