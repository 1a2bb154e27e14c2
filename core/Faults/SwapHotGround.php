<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Places;
use Bouclier\Core\Network\Rework;

/** Hot and ground exchanged where a cable ends: frames are live. */
final readonly class SwapHotGround extends SwappedConductors
{
    public static function name(): string
    {
        return 'swap_hot_ground';
    }

    public static function of(SaidOfFault $said): self
    {
        return new self($said->at);
    }

    public static function frequencies(): array
    {
        return [new Frequency('cable', 0.003, 'Hot and ground swapped')];
    }

    public static function possibleAt(Surroundings $around): array
    {
        return $around->cable()?->ground === false ? [] : [new Possible("swap_hot_ground:{$around->at->id()}", [new self($around->at)])];
    }

    public function rewires(Rework $rework): void
    {
        $rework->putsHotOnGround($this->at->cable ?? '');
    }

    public function mayBeFelt(): bool
    {
        return true;
    }

    public function spoken(Places $places): string
    {
        return "hot and ground swapped at {$this->end($places)}";
    }

    public function repair(Places $places): array
    {
        return [
            self::dead($this->end($places)),
            'Hot to brass, ground to green. Whatever was plugged in there is tested before use: its frame was live.',
        ];
    }
}
