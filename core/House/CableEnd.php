<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The end of a cable at a point. A landing that is not said is LINE: nothing is taken as protected without a fact. */
final readonly class CableEnd
{
    use With;

    public function __construct(
        #[Said(Value::Id)]
        public string $point,
        public ?Landing $land = null,
        public ?object $x = null,
    ) {
    }

    public function land(): Landing
    {
        return $this->land ?? Landing::both(Land::Line);
    }
}
