<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\Choice;

/**
 * Typed reading of one JSON object that the schema has already accepted. A null answer means the key was not there.
 *
 * @throws \UnexpectedValueException when a value is not what the schema promised: a fault of ours, not of the file
 */
final readonly class Fields
{
    public function __construct(private \stdClass $object)
    {
    }

    public function string(string $key): string
    {
        return $this->maybeString($key) ?? throw $this->missing($key);
    }

    public function maybeString(string $key): ?string
    {
        $value = $this->object->{$key} ?? null;

        return $value === null || is_string($value) ? $value : throw $this->missing($key);
    }

    public function float(string $key): float
    {
        return $this->maybeFloat($key) ?? throw $this->missing($key);
    }

    public function maybeFloat(string $key): ?float
    {
        $value = $this->object->{$key} ?? null;
        if ($value === null) {
            return null;
        }

        return is_int($value) || is_float($value) ? (float) $value : throw $this->missing($key);
    }

    public function maybeInt(string $key): ?int
    {
        $value = $this->maybeFloat($key);

        return $value === null ? null : (int) $value;
    }

    public function maybeBool(string $key): ?bool
    {
        $value = $this->object->{$key} ?? null;

        return $value === null || is_bool($value) ? $value : throw $this->missing($key);
    }

    /**
     * @template T of Choice
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function choice(string $key, string $enum): Choice
    {
        return $enum::from($this->string($key));
    }

    /**
     * @template T of Choice
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function maybeChoice(string $key, string $enum): ?Choice
    {
        $value = $this->maybeString($key);

        return $value === null ? null : $enum::from($value);
    }

    /**
     * @template T of Choice
     *
     * @param class-string<T> $enum
     *
     * @return list<T>|null
     */
    public function maybeChoices(string $key, string $enum): ?array
    {
        return ! $this->has($key) ? null : array_map(fn(mixed $value): Choice => $enum::from(is_string($value) ? $value : throw $this->missing($key)), $this->list($key));
    }

    public function has(string $key): bool
    {
        return isset($this->object->{$key});
    }

    public function fields(string $key): self
    {
        return new self($this->maybeObject($key) ?? throw $this->missing($key));
    }

    /**
     * @template T
     *
     * @param callable(self): T $read
     *
     * @return T|null
     */
    public function maybe(string $key, callable $read): mixed
    {
        $value = $this->maybeObject($key);

        return $value === null ? null : $read(new self($value));
    }

    /**
     * @template T
     *
     * @param callable(self): T $read
     *
     * @return list<T>
     */
    public function each(string $key, callable $read): array
    {
        return array_map(fn(mixed $item): mixed => $read(new self($item instanceof \stdClass ? $item : throw $this->missing($key))), $this->list($key));
    }

    /**
     * As {@see each}, null when the key is not there: an empty list says that there are none, no list says nothing.
     *
     * @template T
     *
     * @param callable(self): T $read
     *
     * @return list<T>|null
     */
    public function maybeEach(string $key, callable $read): ?array
    {
        return $this->has($key) ? $this->each($key, $read) : null;
    }

    /** @return list<mixed> empty when the key is not there */
    public function list(string $key): array
    {
        $value = $this->object->{$key} ?? [];

        return is_array($value) ? array_values($value) : throw $this->missing($key);
    }

    public function raw(string $key): mixed
    {
        return $this->object->{$key} ?? null;
    }

    public function maybeObject(string $key): ?\stdClass
    {
        $value = $this->object->{$key} ?? null;

        return $value === null || $value instanceof \stdClass ? $value : throw $this->missing($key);
    }

    private function missing(string $key): \UnexpectedValueException
    {
        return new \UnexpectedValueException("The schema let \"$key\" through, the reader cannot read it");
    }
}
