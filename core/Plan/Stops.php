<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\CodeBook\ArcFaultGuards;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\Feed\Capacitance;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Wiring;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LeakageLibrary;
use Bouclier\Core\House\LeakageRange;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/** The runs of a house as a plan goes along them: each point with what may be there, what it asks for, and what lies beyond it. */
final class Stops
{
    private readonly House $house;

    private readonly Context $listed;

    private readonly Context $unlisted;

    /** @var array<Stretch> what is plugged in at a point, by its id */
    private array $leaks = [];

    /** @var array<list<Point>> where runs begin that were shown to be protected by a device that is not drawn before them, by its id */
    private array $shownBehind = [];

    /** @var array<string> by id of such a point: the device */
    private array $shownBy = [];

    private function __construct(private readonly FeedMap $feeds, private readonly Wanted $wanted, private readonly Strategy $strategy)
    {
        $this->house = $feeds->house;
        $unlisted = $this->house->with(circuits: array_map(
            fn(Circuit $circuit): Circuit => $circuit->with(breakerListing: null),
            $this->house->circuits,
        ));
        $this->listed = new Context($this->house, $feeds, $this->house->code->edition);
        $this->unlisted = new Context($unlisted, new FeedMap($unlisted), $this->house->code->edition);
        $library = LeakageLibrary::of($this->house);
        foreach ($this->house->appliances as $appliance) {
            if ($appliance->at !== null) {
                $range = LeakageRange::of($appliance, $library);
                $this->leaks[$appliance->at] = ($this->leaks[$appliance->at] ?? new Stretch())->and(new Stretch(
                    $range->resistiveMa,
                    $range->capacitiveMa,
                    (1.0 - $range->shared) * $range->resistiveOff * $range->resistiveOff,
                    (1.0 - $range->shared) * $range->capacitiveOff * $range->capacitiveOff,
                    sqrt($range->shared) * $range->resistiveOff,
                    sqrt($range->shared) * $range->capacitiveOff,
                ));
            }
        }
        $this->findShown();
    }

    /** @return list<RunGroup> every point of the house in one of them */
    public static function of(FeedMap $feeds, Wanted $wanted, Strategy $strategy): array
    {
        return (new self($feeds, $wanted, $strategy))->groups();
    }

    /**
     * What was shown to be protected by a device, while nobody has drawn how it is fed, hangs beyond that device; unless it is itself
     * before it.
     */
    private function findShown(): void
    {
        foreach ($this->house->points as $point) {
            if ($this->feeds->feed($point)->upstream !== null) {
                continue;
            }
            foreach ([Protection::Gfci, Protection::Afci] as $function) {
                foreach ($this->feeds->guards($point, $function) as $guard) {
                    if (
                        $guard->shown !== null
                        && $guard->by instanceof Point
                        && ! isset($this->shownBy[$point->id])
                        && $this->beginning($guard->by)->id !== $point->id
                    ) {
                        $this->shownBy[$point->id] = $guard->by->id;
                        $this->shownBehind[$guard->by->id][] = $point;
                    }
                }
            }
        }
    }

    /** Where the run of a point begins. */
    private function beginning(Point $point): Point
    {
        for (;;) {
            $above = $this->feeds->feed($point)->upstream
                ?? (isset($this->shownBy[$point->id]) ? $this->house->point($this->shownBy[$point->id]) : null);
            if ($above === null) {
                return $point;
            }
            $point = $above;
        }
    }

    /** @return list<RunGroup> */
    private function groups(): array
    {
        $roots = [];
        $together = [];
        foreach ($this->house->circuits as $circuit) {
            $together[] = $circuit->multiwireWith === null ? [$circuit->id] : [$circuit->id, $circuit->multiwireWith];
        }
        foreach ($this->house->points as $point) {
            if ($this->feeds->feed($point)->upstream === null && ! isset($this->shownBy[$point->id])) {
                $root = $this->stop($point);
                $circuits = [];
                foreach (RunGroup::along([$root]) as $stop) {
                    $circuits[] = $stop->circuit?->id;
                }
                $circuits = array_values(array_unique(array_filter($circuits, is_string(...))));
                $roots[] = [$root, $circuits];
                $together[] = $circuits;
            }
        }
        $groups = [];
        foreach (self::joined($together) as $ids) {
            $groups[] = new RunGroup(
                array_values(array_filter($this->house->circuits, fn(Circuit $circuit): bool => in_array($circuit->id, $ids, true))),
                $begin = array_column(array_filter($roots, fn(array $root): bool => array_intersect($root[1], $ids) !== []), 0),
                $this->stretches($begin),
            );
        }
        foreach ($roots as [$root, $circuits]) {
            if ($circuits === []) {
                $groups[] = new RunGroup([], [$root], []);
            }
        }

        return $groups;
    }

    /**
     * @param list<list<string>> $together
     *
     * @return list<list<string>> those that have one in common as one, in their order
     */
    private static function joined(array $together): array
    {
        $joined = [];
        foreach ($together as $ids) {
            foreach ($joined as $at => $others) {
                if (array_intersect($ids, $others) !== []) {
                    $ids = [...$others, ...array_diff($ids, $others)];
                    unset($joined[$at]);
                }
            }
            if ($ids !== []) {
                $joined[] = $ids;
            }
        }

        return array_values($joined);
    }

    /**
     * @param list<Stop> $roots
     *
     * @return array<Stretch> what lies on each circuit, its cables among them, by its id
     */
    private function stretches(array $roots): array
    {
        $stretches = [];
        foreach (RunGroup::along($roots) as $stop) {
            $feed = $this->feeds->feed($stop->point)->cable;
            $id = $stop->circuit->id ?? '';
            $stretches[$id] = ($stretches[$id] ?? new Stretch())->and($stop->own)->and($feed === null ? new Stretch() : self::cable($feed));
        }

        return $stretches;
    }

    private function stop(Point $point): Stop
    {
        $branches = [];
        foreach ($this->feeds->cablesOutOf($point) as $cable) {
            $branches[] = $this->branch($point, $cable, $this->stop($this->house->point($cable->to->point)));
        }
        foreach ($this->shownBehind[$point->id] ?? [] as $behind) {
            $to = $this->stop($behind);
            $branches[] = new Branch(null, $to, true, true, $to->whole());
        }
        $feed = $this->feeds->feed($point);
        $wiring = $this->feeds->wiring($point);
        $wantsGfci = $this->wanted->at($point, Protection::Gfci);
        $leaks = $this->leaks[$point->id] ?? new Stretch();

        return new Stop(
            $point,
            $feed->circuit,
            $this->listed->site($point)->work,
            $wantsGfci,
            $this->wanted->at($point, Protection::Afci),
            MayHold::at($point, $this->strategy),
            $point->with(device: Device::Gfci)->isDeviceMade(),
            $wiring === Wiring::Right,
            $wiring === Wiring::Reversed,
            $this->accepted($this->listed, $point),
            $this->accepted($this->unlisted, $point),
            ArcFaultGuards::isFirstOutlet($point, $this->feeds),
            $leaks->and(new Stretch(
                points: 1,
                alone: $point->alone === true && $wantsGfci ? 1 : 0,
            )),
            $branches,
        );
    }

    private function branch(Point $from, Cable $cable, Stop $to): Branch
    {
        $own = $this->feeds->feed($from)->circuit?->id;
        $circuits = array_map(fn(?Circuit $circuit): ?string => $circuit?->id, $this->feeds->circuitsIn($cable));
        $isOwn = $circuits === [$own] && $to->circuit?->id === $own
            && array_filter($to->branches, fn(Branch $branch): bool => ! $branch->mayBeOnLoad) === [];

        return new Branch(
            $cable,
            $to,
            $cable->from instanceof CableEnd && $cable->from->land === null
                ? $this->wasShown($from, $to->point)
                : $cable->landingAtStart()?->isLoad() === true,
            $isOwn,
            $to->whole()->and(self::cable($cable)),
        );
    }

    /** Whether a test has shown that a device protects what a cable feeds of which nobody has said how it is landed. */
    private function wasShown(Point $device, Point $fed): bool
    {
        foreach ([Protection::Gfci, Protection::Afci] as $function) {
            foreach ($this->feeds->guards($fed, $function) as $guard) {
                if ($guard->shown !== null && $guard->id() === $device->id) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A cable without a ground wire has nothing beside it to leak into. */
    public static function cable(Cable $cable): Stretch
    {
        return new Stretch(capacitiveMa: $cable->grounds() ? Capacitance::milliamperes($cable->lengthFt ?? 0.0) : 0.0);
    }

    private function accepted(Context $context, Point $device): int
    {
        $accepted = 0;
        foreach (Work::cases() as $work) {
            $accepted |= ArcFaultGuards::wouldDo($context, $device, $work) ? ArcMarks::of($work) : 0;
        }

        return $accepted;
    }
}
