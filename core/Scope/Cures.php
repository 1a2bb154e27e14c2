<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Assessment;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;
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

    private readonly FeedMap $feeds;

    /** @var array<Ailment> by key */
    public readonly array $ailments;

    private readonly Assessment $now;

    private readonly PriceTable $prices;

    public function __construct(private readonly House $house, ?FeedMap $feeds = null, ?Assessment $assessment = null)
    {
        $this->feeds = $feeds ?? new FeedMap($house);
        $this->now = $assessment ?? (new Assess($house, feeds: $this->feeds))->house();
        $this->ailments = Ailment::allIn($this->now, $house, $this->feeds);
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

    /** How many new findings a way brings; null where it does not cure, or brings something worse. */
    private function brings(Ailment $ailment, Remedy $way): ?int
    {
        $feeds = new FeedMap($way->house);
        $then = (new Assess($way->house, feeds: $feeds))->house();
        $ailments = Ailment::allIn($then, $way->house, $feeds);
        if (isset($ailments[$ailment->key()]) || $this->leavesBare($then)) {
            return null;
        }
        $brought = Ailment::brought($this->ailments, $ailments);
        $worse = array_filter(
            $brought,
            fn(Ailment $one): bool => $one->finding->severity->weight() > $ailment->finding->severity->weight(),
        );

        return $worse === [] ? count($brought) : null;
    }

    /** Whether an outlet that is protected as asked would not be any more. */
    private function leavesBare(Assessment $then): bool
    {
        $was = [];
        foreach ($this->now->points as $judged) {
            $was[$judged->point->id] = $judged;
        }
        foreach ($then->points as $judged) {
            foreach ([Protection::Gfci, Protection::Afci] as $function) {
                $before = isset($was[$judged->point->id]) ? $was[$judged->point->id]->verdict($function) : Verdict::NotAsked;
                $isBare = in_array($judged->verdict($function), [Verdict::Missing, Verdict::Advised], true);
                if ($isBare && ! in_array($before, [Verdict::Missing, Verdict::Advised], true)) {
                    return true;
                }
            }
        }

        return false;
    }
}
