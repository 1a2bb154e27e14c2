<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;

/**
 * The cheapest arrangement of breakers, devices and landings that satisfies everything, or every one that no other beats. Circuits that
 * share nothing are arranged apart; of each group every choice of breakers is tried, and under each the runs are arranged by
 * {@see TreeProgram}.
 */
final readonly class Planner
{
    private FeedMap $feeds;

    private Edition $edition;

    private BreakerWays $ways;

    /** @var list<RunGroup> */
    private array $groups;

    public function __construct(private House $house, private Terms $terms, ?FeedMap $feeds = null, ?Wanted $wanted = null)
    {
        $this->feeds = $feeds ?? new FeedMap($house);
        $this->edition = $house->code->edition;
        $this->ways = new BreakerWays($house);
        $this->groups = Stops::of($this->feeds, $wanted ?? Wanted::in($house, $this->feeds), $terms->strategy);
    }

    /** The cheapest plan, or what stands in the way of any. */
    public function cheapest(): Plan|Blocked
    {
        $plans = $this->all();

        return $plans[0] ?? $this->blocked();
    }

    /**
     * The cheapest plan of the circuits that feed some outlets; all others stay as they are.
     *
     * @param list<string> $points ids
     */
    public function around(array $points): ?Plan
    {
        $groups = array_values(array_filter($this->groups, fn(RunGroup $group): bool => $group->holds($points)));
        $whole = $this->ofGroups($groups, [], $this->terms);

        return $whole === [] ? null : Plan::of($whole[0], $this->house, $groups, $this->terms);
    }

    /** @return list<Plan> those that are kept, the cheapest first; none where nothing satisfies */
    public function all(): array
    {
        $kept = [];
        foreach (self::subsets($this->ways->protectiveFeeders()) as $unprotected) {
            array_push($kept, ...$this->arranged(array_map(fn(Circuit $feeder): string => $feeder->id, $unprotected)));
        }

        return array_map(
            fn(Arrangement $one): Plan => Plan::of($one, $this->house, $this->groups, $this->terms),
            $this->terms->aim->kept($kept),
        );
    }

    /**
     * @param list<string> $unprotected feeders that get a plain breaker
     *
     * @return list<Arrangement> of the whole house
     */
    private function arranged(array $unprotected): array
    {
        foreach ($this->ways->protectiveFeeders() as $feeder) {
            if (! in_array($feeder->id, $unprotected, true) && ! $this->terms->allows($this->behind($feeder))) {
                return [];
            }
        }

        return $this->ofGroups($this->groups, $unprotected, $this->terms);
    }

    /**
     * @param list<RunGroup> $groups
     * @param list<string> $unprotected feeders that get a plain breaker
     *
     * @return list<Arrangement> of all of them together
     */
    private function ofGroups(array $groups, array $unprotected, Terms $terms): array
    {
        return array_reduce(
            $groups,
            fn(array $whole, RunGroup $group): array => $terms->aim->together($whole, $this->ofGroup($group, $unprotected, $terms)),
            [new Arrangement()],
        );
    }

    /** What hangs on every circuit behind a feeder. */
    private function behind(Circuit $feeder): Stretch
    {
        $behind = $this->house->fedBy($feeder);

        return array_reduce(
            $this->groups,
            fn(Stretch $sum, RunGroup $group): Stretch => $sum->and($group->stretch($behind)),
            new Stretch(),
        );
    }

    /**
     * @param list<string> $unprotected
     *
     * @return list<Arrangement>
     */
    private function ofGroup(RunGroup $group, array $unprotected, Terms $terms): array
    {
        $kept = [];
        foreach ($this->ways->for($group, $unprotected) as $breakers) {
            array_push($kept, ...$this->under($breakers, $group, $terms));
        }

        return $terms->aim->kept($kept);
    }

    /** @return list<Arrangement> with these breakers */
    private function under(BreakerChoice $breakers, RunGroup $group, Terms $terms): array
    {
        $nearestMa = 0.0;
        foreach ($breakers->gfciPoles() as $circuits) {
            $zone = $group->stretch($circuits);
            if (! $terms->allows($zone)) {
                return [];
            }
            $nearestMa = max($nearestMa, $terms->atWorstMa($zone));
        }
        $cost = array_sum(array_map(fn(Item $item): float => $terms->prices->cost($item, Task::Breaker), $breakers->bought));
        $program = new TreeProgram($breakers, $terms, $this->edition);
        $runs = [new Arrangement()];
        foreach ($group->roots as $root) {
            $runs = $terms->aim->together($runs, $program->run($root));
        }

        return array_map(fn(Arrangement $one): Arrangement => $one->with($cost, 0, $nearestMa, $breakers), $runs);
    }

    /** What has to be given up for a plan: of each group that has none as little as it takes, outlet by outlet. */
    private function blocked(): Blocked
    {
        $obstacles = new Obstacles($this->house, $this->feeds, $this->terms);
        $by = $given = [];
        $isHopeless = false;
        foreach ($this->groups as $group) {
            if ($this->ofGroup($group, [], $this->terms) !== []) {
                continue;
            }
            $excused = $this->givenUp($group);
            $isHopeless = $isHopeless || $excused === null;
            array_push($by, ...($excused === null ? $obstacles->whatStays($group) : array_map(
                fn(Stop $stop): Obstacle => $obstacles->at($stop, $group),
                $excused,
            )));
            foreach ($excused ?? [] as $stop) {
                $given[$stop->point->id] = true;
            }
        }

        return new Blocked(
            $this->terms->strategy,
            $by === [] ? $obstacles->behindFeeders() : $by,
            $isHopeless || $given === [] ? null : $this->without($given),
        );
    }

    /** @return list<Stop>|null outlets of a group that cannot be satisfied beside the others; null where nothing helps */
    private function givenUp(RunGroup $group): ?array
    {
        $asking = array_values(array_filter($group->stops(), fn(Stop $stop): bool => $stop->wantsGfci || $stop->wantsAfci));
        $excused = array_fill_keys(array_map(fn(Stop $stop): string => $stop->point->id, $asking), true);
        if ($this->ofGroup($group, [], $this->terms->excusing($excused)) === []) {
            return null;
        }
        $given = [];
        foreach ($asking as $stop) {
            $less = array_diff_key($excused, [$stop->point->id => true]);
            if ($this->ofGroup($group, [], $this->terms->excusing($less)) !== []) {
                $excused = $less;
            } else {
                $given[] = $stop;
            }
        }

        return $given;
    }

    /** @param array<bool> $given outlets that are given up, by id */
    private function without(array $given): ?Plan
    {
        $terms = $this->terms->excusing($given);
        $whole = $this->ofGroups($this->groups, [], $terms);

        return $whole === [] ? null : Plan::of($whole[0], $this->house, $this->groups, $terms);
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return iterable<list<T>>
     */
    private static function subsets(array $of): iterable
    {
        if ($of === []) {
            yield [];

            return;
        }
        $last = array_pop($of);
        foreach (self::subsets($of) as $subset) {
            yield $subset;
            yield [...$subset, $last];
        }
    }
}
