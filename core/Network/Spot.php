<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** Where something is: one of a point, a circuit, a cable (at one of its ends), an appliance, or the cord set of one. */
final readonly class Spot
{
    public function __construct(
        public ?string $point = null,
        public ?string $circuit = null,
        public ?string $cable = null,
        public bool $atFrom = false,
        public ?string $appliance = null,
        public ?string $cord = null,
    ) {
    }

    public static function fromData(\stdClass $data): self
    {
        $text = fn(string $key): ?string => is_string($data->{$key} ?? null) ? $data->{$key} : null;

        return new self($text('point'), $text('circuit'), $text('cable'), $text('end') === 'from', $text('appliance'), $text('cord'));
    }

    public function is(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
    }

    /** The device it names: a point or a circuit. */
    public function device(): ?string
    {
        return $this->point ?? $this->circuit;
    }
}
