<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Rework;

/** The ground terminal of a face tied to its neutral, the ground of the box not connected to it. */
final readonly class Bootleg extends Fault
{
    public static function name(): string
    {
        return 'bootleg';
    }

    public static function places(): array
    {
        return ['point'];
    }

    public static function of(SaidOfFault $said): self
    {
        return new self($said->at);
    }

    public static function frequencies(): array
    {
        return [new Frequency('point', 0.008, 'Ground tied to neutral behind an outlet')];
    }

    public static function possibleAt(Surroundings $around): array
    {
        return [new Possible("bootleg:{$around->at->id()}", [new self($around->at)])];
    }

    public function rewires(Rework $rework): void
    {
        $rework->tiesGroundToNeutral($this->at->point ?? '');
    }

    public function movesSlots(): bool
    {
        return true;
    }

    public function slots(HouseGrid $grid): array
    {
        [$hot, $neutral] = $grid->faces[$this->at->point ?? ''];

        return [$hot, $neutral, $neutral];
    }

    public function joinsConductors(): bool
    {
        return true;
    }

    public function shows(House $house): array
    {
        return ['jumper' => 0.9];
    }

    public function isHandwork(): bool
    {
        return true;
    }

    public function mayBeFelt(): bool
    {
        return true;
    }

    public function tripsNothing(): bool
    {
        return true;
    }

    public function isHiddenFromTester(): bool
    {
        return true;
    }

    public function spoken(Places $places): string
    {
        return "ground tied to neutral behind {$places->spot($this->at)}";
    }

    public function repair(Places $places): array
    {
        return [
            self::dead($this->end($places)),
            'Take the jumper from neutral to ground off.',
            'Repair the ground, or ' . self::withoutGround($places),
        ];
    }

    public function proof(Places $places): string
    {
        return self::CORRECT;
    }
}
