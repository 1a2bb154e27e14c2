<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Rework;

/** The neutral of a face joined to another outlet's, on its line side, and not to its own. */
final readonly class BorrowedNeutral extends Fault
{
    /** @param string $lender point id */
    public function __construct(Spot $at, public string $lender)
    {
        parent::__construct($at);
    }

    public static function name(): string
    {
        return 'borrowed_neutral';
    }

    public static function places(): array
    {
        return ['point'];
    }

    public static function of(SaidOfFault $said): self
    {
        return new self($said->at, $said->lender());
    }

    public static function frequencies(): array
    {
        return [new Frequency('point', 0.006, 'A neutral borrowed from another circuit')];
    }

    public static function possibleAt(Surroundings $around): array
    {
        $point = $around->point();
        $own = $point === null ? null : Lenders::way($around->feeds, $point);
        $possible = [];
        foreach ($own === null ? [] : $around->lenders as $way => $lender) {
            if ($own !== $way) {
                $possible[] = new Possible("borrowed_neutral:{$around->at->id()}:{$lender->id}", [new self($around->at, $lender->id)]);
            }
        }

        return $possible;
    }

    public static function reachesAcross(): bool
    {
        return true;
    }

    protected function details(): array
    {
        return ['lender' => ['point' => $this->lender]];
    }

    public function rewires(Rework $rework): void
    {
        $rework->borrows($this->at->point ?? '', $this->lender);
    }

    public function movesSlots(): bool
    {
        return true;
    }

    public function slots(HouseGrid $grid): array
    {
        [$hot, , $ground] = $grid->faces[$this->at->point ?? ''];

        return [$hot, $grid->boxes[$this->lender][2], $ground];
    }

    public function joinsConductors(): bool
    {
        return true;
    }

    public function shows(House $house): array
    {
        return ['lone_neutral' => 0.5];
    }

    public function showsAlsoAt(): string
    {
        return $this->lender;
    }

    public function isHandwork(): bool
    {
        return true;
    }

    public function mixesColours(): bool
    {
        return true;
    }

    public function spoken(Places $places): string
    {
        return "{$places->spot($this->at)} uses the neutral of {$places->point($this->lender)}";
    }

    public function repair(Places $places): array
    {
        return [self::dead(
            "{$this->end($places)} and {$places->point($this->lender)}",
        ), 'Each hot back with the neutral of its own cable.'];
    }

    public function proof(Places $places): string
    {
        return 'Run what is plugged in there: neither device trips, and the clamp round each cable reads near zero.';
    }
}
