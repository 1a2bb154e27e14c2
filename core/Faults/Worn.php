<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Exposure;
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
            $this->at->circuit !== null ? "A new breaker for $at, by a licensed hand: the panel's bus stays live." : self::dead($at),
            'A new device of the same kind and rating, LINE to LINE, LOAD to LOAD.',
        ];
    }

    final public function proof(Places $places): string
    {
        return 'Tester\'s button: the new device trips in its time.';
    }

    final public function part(House $house): string
    {
        if ($this->at->point !== null) {
            return self::device($house->point($this->at->point));
        }
        $circuit = $house->circuit($this->at->circuit ?? '');

        return "Breaker, {$circuit->amps} A, {$circuit->breaker()->value}, for that panel";
    }

    /** The receptacle to take along for a device. */
    public static function device(Point $point): string
    {
        $finish = $point->finish ?? 'finish: ask';
        $resistant = $point->exposure() === Exposure::Dry ? '' : ', weather-resistant';

        return strtoupper($point->device->value) . " receptacle, {$point->amps()} A, $finish$resistant";
    }
}
