<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Water in a room: the zero of a reach ruler. */
final readonly class Fixture
{
    public function __construct(
        #[Said(Value::Id)]
        public string $id,
        public FixtureKind $kind,
        public ?object $x = null,
    ) {
    }
}
