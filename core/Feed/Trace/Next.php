<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** The next observation worth making. */
final readonly class Next
{
    private function __construct(
        public NextKind $kind,
        public ?string $circuit,
        public ?string $point,
        public ?string $pair,
        public float $minutes,
        public string $why,
        public bool $isForCall = false,
    ) {
    }

    /** The same as what the open call needs. */
    public function forCall(): self
    {
        return new self($this->kind, $this->circuit, $this->point, $this->pair, $this->minutes, $this->why, true);
    }

    public static function off(string $circuit, string $why): self
    {
        return new self(NextKind::Off, $circuit, null, null, 3, $why);
    }

    public static function trip(string $point, string $why): self
    {
        return new self(NextKind::Trip, null, $point, null, 2, $why);
    }

    public static function button(string $point, string $why): self
    {
        return new self(NextKind::Button, null, $point, null, 1, $why);
    }

    public static function open(string $point, string $why): self
    {
        return new self(NextKind::Open, null, $point, null, 6, $why);
    }

    public static function lift(string $point, string $pair, string $why): self
    {
        return new self(NextKind::Lift, null, $point, $pair, 8, $why);
    }
}
