<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Wear;

/** Contacts stay open, and it will not reset. */
final readonly class DeadDevice extends Worn
{
    public static function name(): string
    {
        return 'dead_device';
    }

    public static function of(SaidOfFault $said): self
    {
        return new self($said->at);
    }

    public static function frequencies(): array
    {
        return [new Frequency('point', 0.030, 'A receptacle device has failed'), new Frequency(
            'circuit',
            0.015,
            'A protective breaker has failed',
        )];
    }

    public static function possibleAt(Surroundings $around): array
    {
        return $around->hasProtector() ? [new Possible("dead_device:{$around->at->id()}", [new self($around->at)])] : [];
    }

    public function wear(): Wear
    {
        return Wear::Dead;
    }

    public function spoken(Places $places): string
    {
        return "{$places->spot($this->at)} has failed";
    }
}
