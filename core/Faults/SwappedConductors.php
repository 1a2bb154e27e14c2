<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;

/** Two conductors of a cable exchanged at its far end. */
abstract readonly class SwappedConductors extends Fault
{
    final public static function places(): array
    {
        return ['cable'];
    }

    final public function joinsConductors(): bool
    {
        return true;
    }

    final public function isHandwork(): bool
    {
        return true;
    }

    final public function mixesColours(): bool
    {
        return true;
    }

    final public function shows(House $house): array
    {
        return ['colours_swapped' => 0.8];
    }

    final public function proof(Places $places): string
    {
        return self::CORRECT;
    }
}
