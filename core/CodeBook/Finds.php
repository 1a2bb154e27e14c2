<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** What is known beforehand of one kind of finding: what it can do to somebody now, and its clause by edition. */
final readonly class Finds
{
    /** @param bool $isAcute whether it can do so now, as it is: not only when something else fails as well */
    public function __construct(
        public Hazard $hazard,
        public Clauses $clauses,
        public bool $isAcute = false,
    ) {
    }
}
