<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** The next observation worth making. */
final readonly class Next
{
    private function __construct(
        public string $kind,
        public ?string $circuit,
        public ?string $point,
        public ?string $pair,
        public float $minutes,
        public string $why,
    ) {
    }

    public static function off(string $circuit, string $why): self
    {
        return new self('off', $circuit, null, null, 3, $why);
    }

    public static function trip(string $point, string $why): self
    {
        return new self('trip', null, $point, null, 2, $why);
    }

    public static function button(string $point, string $why): self
    {
        return new self('button', null, $point, null, 1, $why);
    }

    public static function open(string $point, string $why): self
    {
        return new self('open', null, $point, null, 6, $why);
    }

    public static function lift(string $point, string $pair, string $why): self
    {
        return new self('lift', null, $point, $pair, 8, $why);
    }
}
