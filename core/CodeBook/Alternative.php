<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** One thing that would change a verdict, and what the verdict would then be. */
final readonly class Alternative
{
    /** @param list<string> $alsoCovers codes of other outlets whose gap it would close */
    public function __construct(
        public string $text,
        public Verdict $verdict,
        public array $alsoCovers = [],
    ) {
    }
}
