<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Wear;

/** It never opens. */
final readonly class StuckDevice extends Worn
{
    public static function name(): string
    {
        return 'stuck_device';
    }

    public static function of(SaidOfFault $said): self
    {
        return new self($said->at);
    }

    public static function frequencies(): array
    {
        return [new Frequency('point', 0.030, 'A receptacle device does not trip any more'), new Frequency(
            'circuit',
            0.015,
            'A protective breaker does not trip any more',
        )];
    }

    public static function possibleAt(Surroundings $around): array
    {
        return $around->hasProtector() ? [new Possible("stuck_device:{$around->at->id()}", [new self($around->at)])] : [];
    }

    public function wear(): Wear
    {
        return Wear::Stuck;
    }

    public function tripsNothing(): bool
    {
        return true;
    }

    public function spoken(Places $places): string
    {
        return "{$places->spot($this->at)} does not trip any more";
    }
}
