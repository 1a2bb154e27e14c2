<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** One measured way from an outlet to a fixture, in decimal feet. */
final readonly class Distance
{
    use With;

    public function __construct(
        #[Said(Value::Id)]
        public string $fixture,
        public float $ft,
        public ?Crosses $crosses = null,
        public ?Measured $measured = null,
        public ?object $x = null,
    ) {
    }

    public function crosses(): Crosses
    {
        return $this->crosses ?? Crosses::None;
    }

    public function measured(): Measured
    {
        return $this->measured ?? Measured::Cord;
    }
}
