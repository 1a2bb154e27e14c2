<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** One run of cable as far as it is known: from a circuit or point to a point, and whether it leaves a protective device on LOAD. */
final readonly class Edge
{
    /** @param bool|null $onLoad null where that is not known, or means nothing */
    public function __construct(
        public string $from,
        public string $to,
        public ?bool $onLoad,
        public bool $certain,
    ) {
    }
}
