<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

/** What an action showed, key by key; a key that is not there was not said. Which keys an action shows stands in its class. */
final readonly class Reading
{
    /** @param array<mixed> $said by key */
    public function __construct(private array $said = [])
    {
    }

    /** @param \stdClass $data as a house file has it */
    public static function fromData(\stdClass $data): self
    {
        return new self(get_object_vars($data));
    }

    /** Whether nobody said what it showed. */
    public function isEmpty(): bool
    {
        return $this->said === [];
    }

    public function has(string $key): bool
    {
        return isset($this->said[$key]);
    }

    public function flag(string $key): ?bool
    {
        $said = $this->said[$key] ?? null;

        return is_bool($said) ? $said : null;
    }

    public function number(string $key): ?float
    {
        $said = $this->said[$key] ?? null;

        return is_numeric($said) ? (float) $said : null;
    }

    public function text(string $key): ?string
    {
        $said = $this->said[$key] ?? null;

        return is_string($said) ? $said : null;
    }

    /** @return list<string>|null ids, or other words */
    public function listed(string $key): ?array
    {
        $said = $this->said[$key] ?? null;

        return is_array($said) ? array_values(array_filter($said, is_string(...))) : null;
    }

    /** @return array<float>|null numbers by id */
    public function numbers(string $key): ?array
    {
        $said = $this->said[$key] ?? null;

        return $said instanceof \stdClass ? array_map(floatval(...), array_filter(get_object_vars($said), is_numeric(...))) : null;
    }

    /** @return list<string> ids of devices and breakers that opened */
    public function tripped(): array
    {
        return $this->listed('tripped') ?? [];
    }

    /** @return array<mixed> as a house file has it */
    public function toData(): array
    {
        return $this->said;
    }
}
