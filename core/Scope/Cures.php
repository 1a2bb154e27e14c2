<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\House\House;
use Bouclier\Core\Plan\Applied;
use Bouclier\Core\Plan\PriceTable;
use Bouclier\Core\Plan\WhyPlanned;

/**
 * The cure of every finding: of all ways to cure it those that do, judged on the house as it then is; none that brings anything worse; of
 * those that bring nothing at all the cheapest. Where none holds, each that leaves outlets bare is tried with what protects those anew.
 */
final class Cures
{
    /** @var list<class-string<Cure>> */
    public const ALL = [
        Cures\RecordedOnly::class, Cures\Relanded::class, Cures\Replanned::class, Cures\LessProtection::class,
        Cures\MoreProtection::class, Cures\TwoPoles::class, Cures\SetAhead::class, Cures\PluggedElsewhere::class,
        Cures\NewReceptacle::class, Cures\WeatherCover::class, Cures\Labelled::class, Cures\Grounded::class,
        Cures\MadeGoodInTheBox::class, Cures\BreakerSized::class, Cures\HeavierCable::class, Cures\OwnCircuit::class,
        Cures\Tied::class, Cures\Moved::class, Cures\TracedFirst::class, Cures\LookedInto::class,
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

        return $this->best($ailment, $ways) ?? $this->best($ailment, array_values(array_filter(array_map($this->completed(...), $ways))));
    }

    /**
     * @param list<Remedy> $ways
     *
     * @return Remedy|null of those that cure and bring nothing worse
     */
    private function best(Ailment $ailment, array $ways): ?Remedy
    {
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

    /** A way that leaves outlets bare, with what protects them anew; null where it leaves none, or nothing can. */
    private function completed(Remedy $way): ?Remedy
    {
        $bared = array_map(
            fn(array $one): string => $one[0]->point->id,
            $this->inspection->bared(new Inspection($way->house)),
        );
        $plan = $bared === [] ? null : Rearranged::around($way->house, $bared);

        return $plan === null ? null : new Remedy(
            "{$way->text} " . WhyPlanned::changes($plan),
            [...$way->steps, ...Step::ofPlan($plan)],
            (new Applied($way->house, $plan))->house(),
        );
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
