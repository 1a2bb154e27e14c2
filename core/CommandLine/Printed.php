<?php

declare(strict_types=1);

namespace Bouclier\Core\CommandLine;

/** What a command leaves behind: text for each stream, and the exit status. */
final readonly class Printed
{
    private function __construct(
        public int $status,
        public string $output,
        public string $errors,
    ) {
    }

    public static function answer(mixed $document): self
    {
        return new self(
            0,
            json_encode($document, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR) . "\n",
            '',
        );
    }

    /** What is no JSON, as it is. */
    public static function text(string $text): self
    {
        return new self(0, $text, '');
    }

    /** @param list<string> $faults one line each */
    public static function refused(array $faults): self
    {
        return new self(2, '', implode("\n", $faults) . "\n");
    }
}
