<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The start of a home run: one circuit, or two that share a cable (multiwire). */
final readonly class CableOrigin
{
    /**
     * @param non-empty-list<string> $circuits
     */
    public function __construct(
        public array $circuits,
        public ?object $x = null,
    ) {
    }
}
