<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\House;

/** A conductor that is open or poor where it leaves a box. */
abstract readonly class Joint extends Fault
{
    final public function isAtNearEnd(): bool
    {
        return true;
    }

    final public function isHandwork(): bool
    {
        return true;
    }

    final public function tripsNothing(): bool
    {
        return true;
    }

    final public function part(House $house): string
    {
        return 'Connectors for stiff wire, pigtails, a receptacle with screw terminals';
    }
}
