<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

/** One key of a part in a house file, and the property that holds it. */
final readonly class Key
{
    /**
     * @param array<string, mixed> $schema
     * @param \Closure(mixed): mixed $read from what the file has
     * @param \Closure(mixed): mixed $write to what the file has
     * @param bool $isNeeded whether a file has to have it
     * @param bool $mayBeNull whether null is a value of its own, and not that nothing is said
     */
    public function __construct(
        public string $name,
        public string $property,
        public array $schema,
        public \Closure $read,
        public \Closure $write,
        public bool $isNeeded = false,
        public bool $mayBeNull = false,
        public Kept $kept = Kept::Text,
    ) {
    }
}
