<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

/** A word of a quick-entry line that cannot be taken: where it stands, and what would do instead. */
final readonly class EntryFault
{
    public function __construct(
        public int $from,
        public int $to,
        public string $message,
    ) {
    }

    public static function at(Word $word, string $message): self
    {
        return new self($word->from, $word->to, $message);
    }
}
