<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

/** A fault that may be the cause, as a few severities it may have, equally likely. */
final readonly class Possible
{
    /**
     * @param string $id of the cause, the same for every house: "leak:point:p3"
     * @param non-empty-list<Fault> $severities
     * @param list<Fault> $whileItShows as it is taken where it comes and goes; none where it never does
     */
    public function __construct(
        public string $id,
        public array $severities,
        public array $whileItShows = [],
    ) {
    }
}
