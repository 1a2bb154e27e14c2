<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** One thing wrong with a house file: where (a JSON pointer, RFC 6901) and what. */
final readonly class FileFault
{
    public function __construct(
        public string $pointer,
        public string $message,
    ) {
    }

    public function __toString(): string
    {
        return ($this->pointer === '' ? '/' : $this->pointer) . ': ' . $this->message;
    }
}
