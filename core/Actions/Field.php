<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

/** One key of an action or of a reading: what it takes. From these the schema of the file and the rules of a request are made. */
final readonly class Field
{
    /**
     * @param list<string> $words those it may be, where it takes words
     * @param float|null $most where it is a number; null for any
     */
    private function __construct(
        public string $key,
        public FieldShape $shape,
        public array $words = [],
        public ?float $most = null,
    ) {
    }

    public static function flag(string $key): self
    {
        return new self($key, FieldShape::Flag);
    }

    /** A number that is not below zero; in a reading null says over range. */
    public static function number(string $key, ?float $most = null): self
    {
        return new self($key, FieldShape::Number, most: $most);
    }

    public static function count(string $key, ?float $most = null): self
    {
        return new self($key, FieldShape::Count, most: $most);
    }

    /** @param list<string> $words */
    public static function oneOf(string $key, array $words): self
    {
        return new self($key, FieldShape::Word, $words);
    }

    /** @param list<string> $words */
    public static function someOf(string $key, array $words): self
    {
        return new self($key, FieldShape::Words, $words);
    }

    public static function ids(string $key): self
    {
        return new self($key, FieldShape::Ids);
    }

    public static function numbersById(string $key): self
    {
        return new self($key, FieldShape::NumbersById);
    }

    public static function text(string $key): self
    {
        return new self($key, FieldShape::Text);
    }
}
