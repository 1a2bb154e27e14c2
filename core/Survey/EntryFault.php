<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

/** A word of a quick-entry line that cannot be taken: where it stands, and what would do instead. */
final readonly class EntryFault
{
    /** @param list<string> $instead what the word may have been meant to be: one of them in its place, and the line can be read */
    public function __construct(
        public int $from,
        public int $to,
        public string $message,
        public array $instead = [],
    ) {
    }

    /** @param list<string> $instead */
    public static function at(Word $word, string $message, array $instead = []): self
    {
        return new self($word->from, $word->to, $message, $instead);
    }
}
