<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/**
 * What the file says under keys that are not the same for all of a kind: of an action, of a fault, of what a test showed. Carried as it
 * is, and read by who knows the kind. Objects of the file are objects in it, lists are lists.
 */
final readonly class Loose implements \JsonSerializable
{
    use Keyed;

    /** @param array<mixed> $said by key */
    public function __construct(private array $said = [])
    {
    }

    /**
     * What an array says as a file would: what has keys is an object.
     *
     * @param array<mixed> $said by key
     */
    public static function of(array $said): self
    {
        $plain = fn(mixed $one): mixed => ! is_array($one) ? $one : (array_is_list($one)
            ? array_map(fn(mixed $part): mixed => is_array($part) ? self::keyed($part) : $part, $one)
            : self::keyed($one));

        return new self(array_map($plain, $said));
    }

    /** @param array<mixed> $said */
    private static function keyed(array $said): object
    {
        return (object) self::of($said)->said();
    }

    public function spot(string $key): ?Spot
    {
        $said = $this->said[$key] ?? null;

        return is_object($said) ? Spot::of(new self(get_object_vars($said))) : null;
    }

    /** Whether the key holds a list, and not one thing alone. */
    public function isList(string $key): bool
    {
        return is_array($this->said[$key] ?? null);
    }

    /** @return list<self> the one thing under a key, or all of a list */
    public function parts(string $key): array
    {
        $said = $this->said[$key] ?? [];

        return array_values(array_map(
            fn(object $one): self => new self(get_object_vars($one)),
            array_filter(is_array($said) ? $said : [$said], is_object(...)),
        ));
    }

    /** @param array<mixed> $said by key, in the place of what was said there */
    public function with(array $said): self
    {
        return new self([...$this->said, ...$said]);
    }

    /** @return array<mixed> by key */
    public function said(): array
    {
        return $this->said;
    }

    public function jsonSerialize(): object
    {
        return (object) $this->said;
    }
}
