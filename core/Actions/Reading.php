<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Loose;

/** What an action showed, key by key; a key that is not there was not said. Which keys an action shows stands in its class. */
final readonly class Reading
{
    private Loose $said;

    /** @param Loose|array<mixed> $said by key */
    public function __construct(Loose|array $said = [])
    {
        $this->said = $said instanceof Loose ? $said : new Loose($said);
    }

    /** Whether nobody said what it showed. */
    public function isEmpty(): bool
    {
        return $this->said->said() === [];
    }

    public function has(string $key): bool
    {
        return $this->said->has($key);
    }

    public function flag(string $key): ?bool
    {
        return $this->said->flag($key);
    }

    public function number(string $key): ?float
    {
        return $this->said->number($key);
    }

    public function text(string $key): ?string
    {
        return $this->said->text($key);
    }

    /** @return list<string>|null ids, or other words */
    public function listed(string $key): ?array
    {
        return $this->said->listed($key);
    }

    /** @return array<float>|null numbers by id */
    public function numbers(string $key): ?array
    {
        return $this->said->numbers($key);
    }

    /** @return list<string> ids of devices and breakers that opened */
    public function tripped(): array
    {
        return $this->listed('tripped') ?? [];
    }

    /** @return array<mixed> as a house file has it */
    public function toData(): array
    {
        return $this->said->said();
    }
}
