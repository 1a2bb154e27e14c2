<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What the conductors of a cable look like. Proves nothing; recorded because it is there. */
final readonly class Colours
{
    public function __construct(
        public ?string $hot = null,
        public ?string $neutral = null,
        public ?object $x = null,
    ) {
    }
}
