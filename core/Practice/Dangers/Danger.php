<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Dangers;

/** What stops a case: what was about to be done, what would have come of it, and what to do instead. */
final readonly class Danger
{
    /** @param string $rule the name of its class, by which it is counted */
    public function __construct(
        public string $rule,
        public string $title,
        public string $wouldHave,
        public string $why,
        public string $instead,
    ) {
    }
}
