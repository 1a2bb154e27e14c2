<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** Something an electrician would want to know without asking: what, how bad, by which clause, and the fact it rests on. */
final readonly class Finding
{
    /** @param string|null $clause null where no clause says so, only sense */
    public function __construct(
        public string $id,
        public Severity $severity,
        public ?string $clause,
        public string $why,
    ) {
    }
}
