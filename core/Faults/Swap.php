<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Rework;

/** Hot and neutral exchanged where a cable ends. */
final readonly class Swap extends SwappedConductors
{
    public static function name(): string
    {
        return 'swap';
    }

    public static function of(SaidOfFault $said): self
    {
        return new self($said->at);
    }

    public static function frequencies(): array
    {
        return [new Frequency('cable', 0.006, 'Hot and neutral swapped')];
    }

    public static function possibleAt(Surroundings $around): array
    {
        return [new Possible("swap:{$around->at->id()}", [new self($around->at)])];
    }

    public function rewires(Rework $rework): void
    {
        $rework->swaps($this->at->cable ?? '');
    }

    public function spoken(Places $places): string
    {
        return "hot and neutral swapped at {$this->end($places)}";
    }

    public function repair(Places $places): array
    {
        return [self::dead($this->end($places)), 'Hot to brass, neutral to silver.'];
    }
}
