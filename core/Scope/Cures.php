<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\House\House;
use Bouclier\Core\Plan\PriceTable;

/**
 * The cure of every finding: of all ways to cure it those that do, judged on the house as it then is; none that brings anything worse; of
 * those that bring nothing at all the cheapest.
 */
final class Cures
{
    /** @var list<class-string<Cure>> */
    public const ALL = [
        Cures\RecordedOnly::class, Cures\Relanded::class, Cures\Replanned::class, Cures\NewReceptacle::class, Cures\WeatherCover::class,
        Cures\Labelled::class, Cures\Grounded::class, Cures\MadeGoodInTheBox::class, Cures\BreakerSized::class, Cures\HeavierCable::class,
        Cures\OwnCircuit::class, Cures\Tied::class, Cures\Moved::class, Cures\LookedInto::class,
    ];

    public readonly Inspection $inspection;

    private readonly PriceTable $prices;

    public function __construct(House $house)
    {
        $this->inspection = new Inspection($house);
        $this->prices = PriceTable::of($house);
    }

    /** Null where nothing is known to cure it. */
    public function of(Ailment $ailment): ?Remedy
    {
        $ways = [];
        foreach (self::ALL as $cure) {
            if (in_array($ailment->finding->id, $cure::cures(), true)) {
                array_push($ways, ...$cure::ways($ailment));
            }
        }
        usort($ways, fn(Remedy $one, Remedy $other): int => $this->cost($one) <=> $this->cost($other));
        $fewest = null;
        foreach ($ways as $way) {
            if ($way->isToBeProved) {
                return $fewest[1] ?? $way;
            }
            $brings = $this->brings($ailment, $way);
            if ($brings === 0) {
                return $way;
            }
            if ($brings !== null && ($fewest === null || $brings < $fewest[0])) {
                $fewest = [$brings, $way];
            }
        }

        return $fewest[1] ?? null;
    }

    private function cost(Remedy $way): float
    {
        return (new Bill($way->steps, $this->prices))->cost();
    }

    /** How many new findings a way brings; null where it does not cure, brings something worse, or leaves bare what was not. */
    private function brings(Ailment $ailment, Remedy $way): ?int
    {
        $then = new Inspection($way->house);
        if (isset($then->ailments[$ailment->key()]) || $this->inspection->bared($then) !== []) {
            return null;
        }
        $brought = $this->inspection->brought($then);
        $worse = array_filter(
            $brought,
            fn(Ailment $one): bool => $one->finding->severity->weight() > $ailment->finding->severity->weight(),
        );

        return $worse === [] ? count($brought) : null;
    }
}
