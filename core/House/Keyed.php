<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What is said under keys, read as what it should be; a key that is not there, or holds something else, was not said. */
trait Keyed
{
    public function has(string $key): bool
    {
        return isset($this->said[$key]);
    }

    public function text(string $key): ?string
    {
        $said = $this->said[$key] ?? null;

        return is_string($said) ? $said : null;
    }

    public function number(string $key): ?float
    {
        $said = $this->said[$key] ?? null;

        return is_numeric($said) ? (float) $said : null;
    }

    public function flag(string $key): ?bool
    {
        $said = $this->said[$key] ?? null;

        return is_bool($said) ? $said : null;
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

        return is_object($said) ? array_map(floatval(...), array_filter(get_object_vars($said), is_numeric(...))) : null;
    }
}
