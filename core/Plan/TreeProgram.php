<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\CodeBook\ArcFaultGuards;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;

/**
 * The best arrangements of the runs of a group of circuits under one choice of breakers: dynamic programming over the trees, exact.
 *
 * What comes to a stop from above is whether a GFCI protects it, and where that is reset, and what an AFCI upstream is good for. Below a
 * LOAD all lies in the zone of the device, so that what a zone holds is a sum known beforehand; only at the device itself it is weighed
 * which of the cables that leave it go on LOAD.
 */
final class TreeProgram
{
    /** @var array<list<Arrangement>> by stop and what comes to it */
    private array $known = [];

    public function __construct(
        private readonly BreakerChoice $breakers,
        private readonly Terms $terms,
        private readonly Edition $edition,
    ) {
    }

    /** @return list<Arrangement> of a whole run; none where nothing satisfies */
    public function run(Stop $root): array
    {
        return $this->at($root, null, 0);
    }

    /**
     * @param string|null $resetAt room in which the GFCI device is reset that protects it; null where none does
     * @param int $arc kinds of work for which an AFCI upstream does
     *
     * @return list<Arrangement>
     */
    private function at(Stop $stop, ?string $resetAt, int $arc): array
    {
        $resetAt ??= $this->breakers->resetAt($stop->circuit);
        $key = "{$stop->point->id} $arc" . ($resetAt === null ? '' : " $resetAt");
        if (! isset($this->known[$key])) {
            $ways = [];
            foreach ($stop->may as $device) {
                if ($this->mayBe($stop, $device, $resetAt !== null)) {
                    array_push($ways, ...$this->with($stop, $device, $resetAt, $arc));
                }
            }
            $this->known[$key] = $this->terms->aim->kept($ways);
        }

        return $this->known[$key];
    }

    /** One GFCI is never behind another. */
    private function mayBe(Stop $stop, Device $device, bool $isProtected): bool
    {
        return ! $isProtected || ! $stop->isFor($device, Protection::Gfci);
    }

    /** @return list<Arrangement> */
    private function with(Stop $stop, Device $device, ?string $resetAt, int $arc): array
    {
        $isRewired = $this->terms->strategy->opensBoxes();
        $protects = $isRewired || $stop->protectsNow;
        $gfci = $protects && $stop->isFor($device, Protection::Gfci);
        $afci = $protects && $stop->isFor($device, Protection::Afci);
        $own = $afci ? ($this->breakers->isChanged($stop->circuit) ? $stop->acceptedAfter : $stop->acceptedNow) : 0;
        $marks = $afci && $stop->isFirstOutlet ? ArcMarks::FIRST_OUTLET : 0;
        if (! $this->satisfies($stop, $gfci ? $stop->point->area : $resetAt, $afci, $arc | $own | $marks, $arc)) {
            return [];
        }
        $isSwapped = $device !== $stop->point->device;
        $cost = $isSwapped ? $this->terms->prices->cost(Item::device($device), Task::Swap) : 0.0;
        $walks = ! $gfci && $resetAt !== null && $stop->point->isOutlet() && $resetAt !== $stop->point->area ? 1 : 0;
        $ways = [];
        $landed = $this->landed($stop, $gfci, $afci, $resetAt, [$arc | $marks, $arc | $marks | $own]);
        foreach ($landed as [$way, $zone, $isRelanded, $onLoad]) {
            $isRelanded = ! $isSwapped && ($isRelanded || (($gfci || $afci) && $isRewired && $stop->isFedOnLoad));
            $ways[] = $way->with(
                $cost + ($isRelanded ? $this->terms->prices->cost(null, Task::Rewire) : 0.0),
                $walks,
                $gfci ? $this->terms->atWorstMa($zone) : 0.0,
                new Pick($stop, $device, $onLoad, $isRelanded, $gfci ? $zone : null),
            );
        }

        return $ways;
    }

    /**
     * Every way to land what leaves a stop.
     *
     * @param array{int, int} $arc what an AFCI is good for off its LOAD, and on it
     *
     * @return list<array{Arrangement, Stretch, bool, list<Branch>}> with what its zone holds, whether a landing changes, what is on LOAD
     */
    private function landed(Stop $stop, bool $gfci, bool $afci, ?string $resetAt, array $arc): array
    {
        $ways = $gfci && ! $this->terms->allows($stop->own) ? [] : [[new Arrangement(), $stop->own, false, []]];
        $opensBoxes = $this->terms->strategy->opensBoxes();
        foreach ($stop->branches as $branch) {
            $next = [];
            foreach ($gfci || $afci || ! $opensBoxes ? $branch->landings(! $opensBoxes) : [false] as $isOnLoad) {
                $isBehind = $isOnLoad && $branch->mayBeOnLoad;
                $beyond = $this->at($branch->to, $isBehind && $gfci ? $stop->point->area : $resetAt, $arc[$isBehind ? 1 : 0]);
                foreach ($ways as [$way, $before, $isRelanded, $onLoad]) {
                    $zone = $isBehind && $gfci ? $before->and($branch->beyond) : $before;
                    // What is too much already only gets more.
                    foreach ($gfci && ! $this->terms->allows($zone) ? [] : $beyond as $one) {
                        $next[] = [
                            $way->and($one),
                            $zone,
                            $isRelanded || (($gfci || $afci) && $isOnLoad !== $branch->isOnLoad),
                            $isOnLoad ? [...$onLoad, $branch] : $onLoad,
                        ];
                    }
                }
            }
            $ways = $this->keptLandings($next);
        }

        return $ways;
    }

    /**
     * @param list<array{Arrangement, Stretch, bool, list<Branch>}> $ways
     *
     * @return list<array{Arrangement, Stretch, bool, list<Branch>}> those that none beats in every respect
     */
    private function keptLandings(array $ways): array
    {
        $kept = [];
        foreach ($ways as $at => $way) {
            foreach ($ways as $other => [$arrangement, $zone, $isRelanded]) {
                if (
                    $other !== $at
                    && $this->terms->aim->isAsGood($arrangement, $way[0])
                    && $zone->isWithin($way[1])
                    && (! $isRelanded || $way[2])
                    // Of two that are the same the first stays.
                    && ($other < $at || ! $this->terms->aim->isAsGood($way[0], $arrangement)
                        || ! $way[1]->isWithin($zone) || ($way[2] && ! $isRelanded))
                ) {
                    continue 2;
                }
            }
            $kept[] = $way;
        }

        return $kept;
    }

    /** @param int $above what an AFCI upstream is good for */
    private function satisfies(Stop $stop, ?string $resetAt, bool $afci, int $arc, int $above): bool
    {
        $breaker = $this->breakers->gives($stop->circuit, Protection::Afci);
        if (
            ($resetAt !== null && $stop->keepsOffGfci())
            || ($stop->keepsOffProtection() && ($breaker || $afci || ArcMarks::areOfWork($above)))
        ) {
            return false;
        }
        $isLocal = $this->terms->strategy === Strategy::Local && $stop->point->isReceptacle();
        if ($isLocal && $resetAt !== null && $resetAt !== $stop->point->area) {
            return false;
        }

        return $this->terms->excuses($stop) || (! $stop->wantsGfci || $resetAt !== null)
            && (! $stop->wantsAfci || ($arc & ArcMarks::of($stop->work)) !== 0 || ($breaker && $this->breakerDoes($stop, $arc)));
    }

    private function breakerDoes(Stop $stop, int $arc): bool
    {
        return $stop->circuit === null
            || $this->breakers->isChanged($stop->circuit)
            || ! ArcFaultGuards::wantsFirstOutletToo($stop->circuit, $this->edition)
            || ($arc & ArcMarks::FIRST_OUTLET) !== 0;
    }
}
