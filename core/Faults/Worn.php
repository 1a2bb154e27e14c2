<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Point;

/** A device or breaker that is worn itself: it goes with it, and a known good one in its place cures it. */
abstract readonly class Worn extends Fault
{
    final public static function places(): array
    {
        return ['point', 'circuit'];
    }

    final public function mendedAt(House $house): string
    {
        return "device {$this->at->device()}";
    }

    final public function box(House $house): ?Point
    {
        return null;
    }

    final public function letter(Places $places): string
    {
        return 'The protective device itself has worn out and is replaced. Press its TEST button once a month; it takes ten seconds.';
    }

    final public function repair(Places $places): array
    {
        $at = $places->spot($this->at);

        return [
            $this->at->circuit !== null ? "Main off, and $at proved dead at its terminal." : self::dead($at),
            $this->at->circuit !== null
                ? 'A new breaker of the kind and rating that panel is listed for, its neutral on its terminal, by a licensed hand. '
                    . self::liveInPanel($places)
                : 'A new device of the same kind and rating, LINE to LINE, LOAD to LOAD.',
        ];
    }

    final public function proof(Places $places): string
    {
        return 'Its own TEST opens it; off, then on, and it holds with everything plugged in.';
    }

    /** That of a breaker; what goes in where a device was says the code of the place. */
    final public function part(House $house): ?string
    {
        $circuit = $this->at->circuit === null ? null : $house->circuit($this->at->circuit);

        return $circuit === null ? null : "Breaker, {$circuit->amps} A, {$circuit->breaker()->value}, for that panel";
    }
}
