<?php

declare(strict_types=1);

namespace Tests\Core\Practice;

use Bouclier\Core\House\Between;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Practice\Deeds\Deed;
use Bouclier\Core\Practice\DrawnFrom;
use Bouclier\Core\Practice\Offers;
use Bouclier\Core\Practice\Visit;

/** Somebody who does anything that is offered anywhere, one after another, as a seed has it. */
final readonly class Walk
{
    private DrawnFrom $from;

    /** The box that is worked in most. */
    private string $box;

    public function __construct(public Visit $visit, string $seed)
    {
        $this->from = new DrawnFrom($seed);
        $this->box = $this->from->any(array_column($visit->case->house->points, 'id'));
    }

    /** A kind of deed first, then one of that kind: else tests at the slots would be nearly all there is. Every other time at its box. */
    public function next(): Deed
    {
        $atBox = $this->from->once(2);
        $kinds = [];
        foreach (self::offered($this->visit) as $deed) {
            $do = $deed->said()['do'];
            if (! $atBox || $do === 'breaker' || in_array($this->box, $deed->boxes($this->visit), true)) {
                $kinds[$do][] = $deed;
            }
        }

        return $this->from->any($this->from->any(array_values($kinds)));
    }

    /** @return list<Deed> all that is offered, wherever */
    public static function offered(Visit $visit): array
    {
        $offers = new Offers($visit);
        $house = $visit->case->house;
        $deeds = $offers->inHouse();
        foreach ($house->points as $point) {
            array_push($deeds, ...$offers->atOutlet($point->id), ...$offers->inBox($point->id));
            foreach ($visit->cablesIn($point->id) as $cable) {
                array_push($deeds, ...$offers->atPair($point->id, $cable->id));
            }
        }
        foreach ($house->circuits as $circuit) {
            array_push($deeds, ...$offers->at(new Spot(circuit: $circuit->id)));
        }
        foreach ($house->appliances as $thing) {
            array_push($deeds, ...$offers->at(new Spot(appliance: $thing->id)));
        }

        return $deeds;
    }

    /** The most volts between two conductors of any pair in a box as the house stands: apart from the proof of a box, which it checks. */
    public static function voltsIn(Visit $visit, string $point): float
    {
        $volts = [0.0];
        foreach ($visit->cablesIn($point) as $cable) {
            $end = new Spot(cable: $cable->id, atFrom: $cable->fromPoint() === $point);
            foreach ([Between::HotGround, Between::NeutralGround, Between::HotNeutral] as $between) {
                $read = $visit->simulation->meters->volts($visit->simulation->grid(), $end, $between, lowZ: true);
                $volts[] = abs($read['volts']);
            }
        }

        return max($volts);
    }
}
