<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\CodeBook\ArcFaultGuards;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;

/** Why an outlet cannot be protected: in its box, at the panel, and from upstream. */
final readonly class Obstacles
{
    public function __construct(
        private House $house,
        private FeedMap $feeds,
        private Terms $terms,
    ) {
    }

    public function at(Stop $stop, RunGroup $group): Obstacle
    {
        $asks = array_filter([$stop->wantsGfci ? 'a GFCI' : null, $stop->wantsAfci ? 'an AFCI' : null]);
        $code = $stop->point->code;

        return new Obstacle($stop->point, "$code asks for " . implode(' and ', $asks) . '. In its box: ' . $this->inTheBox($stop)
            . '. At the panel: ' . $this->atThePanel($stop, $group) . '.' . ($this->terms->strategy->opensBoxes()
                ? ' From upstream: no device before it may protect it within its budget, its room, and what else hangs there.'
                : ''));
    }

    /**
     * What is there, may not change, and cannot stand with the rest.
     *
     * @return list<Obstacle>
     */
    public function whatStays(RunGroup $group): array
    {
        $found = [];
        foreach ($group->stops() as $stop) {
            $why = $this->whyItCannotStay($stop, $group);
            if ($why !== null) {
                $found[] = new Obstacle($stop->point, $why);
            }
        }

        return $found === [] ? array_map(
            fn(Stop $stop): Obstacle => new Obstacle($stop->point, "what is at {$stop->point->code} does not go with what it hangs on"),
            array_slice($group->roots, 0, 1),
        ) : $found;
    }

    /** @return list<Obstacle> where only what hangs on a protected feeder stands in the way */
    public function behindFeeders(): array
    {
        foreach ($this->house->points as $point) {
            $circuit = $this->feeds->feed($point)->circuit;
            if ($circuit !== null && count($this->house->withFeeders($circuit)) > 1) {
                return [new Obstacle($point, "{$point->code} hangs on a feeder whose GFCI may protect no more of what is behind it")];
            }
        }

        return [];
    }

    private function whyItCannotStay(Stop $stop, RunGroup $group): ?string
    {
        $code = $stop->point->code;
        $others = array_filter(
            $this->feeds->guards($stop->point, Protection::Gfci),
            fn(Guard $guard): bool => $guard->id() !== $stop->point->id,
        );
        $own = $stop->isFor($stop->point->device, Protection::Gfci);
        if ($own && $others !== []) {
            return "$code is a GFCI inside the stretch of " . self::spoken($others);
        }
        if ($others !== [] && $stop->keepsOffGfci()) {
            return "$code is to be on no GFCI, and hangs on " . self::spoken($others);
        }
        if ($own) {
            $zone = array_reduce(
                $stop->branches,
                fn(Stretch $sum, Branch $branch): Stretch => $branch->isOnLoad && $branch->mayBeOnLoad ? $sum->and($branch->beyond) : $sum,
                $stop->own,
            );

            return $this->why($zone, $code);
        }

        return null;
    }

    private function inTheBox(Stop $stop): string
    {
        return match (true) {
            ! $this->terms->strategy->opensBoxes() => 'boxes stay closed',
            MayHold::whyNoDevice($stop->point) !== null => MayHold::whyNoDevice($stop->point),
            $stop->wantsGfci && $this->why($stop->own, $stop->point->code) !== null => $this->why($stop->own, $stop->point->code),
            $stop->wantsAfci => $this->arcObjection($stop) ?? 'what is there does not go with the rest of the run',
            default => 'a GFCI there does not go with the rest of the run',
        };
    }

    private function arcObjection(Stop $stop): ?string
    {
        $context = new Context($this->house, $this->feeds, $this->house->code->edition);

        return ArcFaultGuards::objection(new Site($context, $stop->point, $stop->work), new Guard($stop->point));
    }

    private function atThePanel(Stop $stop, RunGroup $group): string
    {
        $circuit = $stop->circuit;
        if ($circuit === null) {
            return 'its circuit is not known';
        }
        $named = "breaker {$circuit->slot}";
        $other = $circuit->multiwireWith === null ? null : $this->house->circuit($circuit->multiwireWith);
        $poles = $other === null ? [$circuit] : [$circuit, $other];
        $area = $this->house->panel($circuit->panel)->area;
        $on = array_filter(
            $group->stops(),
            fn(Stop $one): bool => in_array($one->circuit?->id, array_map(fn(Circuit $pole): string => $pole->id, $poles), true),
        );
        $keptOff = array_filter($on, fn(Stop $one): bool => $one->keepsOffGfci());
        $elsewhere = array_filter($on, fn(Stop $one): bool => $one->point->isReceptacle() && $one->point->area !== $area);
        $nested = array_filter($on, fn(Stop $one): bool => count($one->may) === 1 && $one->isFor($one->may[0], Protection::Gfci));

        return match (true) {
            $circuit->breaker() === BreakerType::Fuse || $other?->breaker() === BreakerType::Fuse => 'a fuse stays a fuse',
            $keptOff !== [] => "$named also feeds {$this->codes($keptOff)}, which is to be on none",
            $stop->wantsGfci && $this->why($group->stretch($poles), $named) !== null => $this->why($group->stretch($poles), $named),
            $stop->wantsGfci && $nested !== [] => "the GFCI at {$this->codes($nested)} would be inside its stretch",
            $stop->wantsGfci && $this->terms->strategy === Strategy::Local && $elsewhere !== []
                => "$named is not in the room of {$this->codes($elsewhere)}",
            $stop->wantsAfci && $circuit->isOfBothLegs() => 'no AFCI breaker is made for 240 V',
            default => "$named does not go with the rest of its circuit",
        };
    }

    /** @param array<Stop> $stops */
    private function codes(array $stops): string
    {
        return implode(', ', array_map(fn(Stop $stop): string => $stop->point->code, $stops));
    }

    /** @param array<Guard> $guards */
    private static function spoken(array $guards): string
    {
        return implode(' and ', array_map(fn(Guard $one): string => $one->spoken(), $guards));
    }

    /** Why a GFCI may not protect all that. */
    private function why(Stretch $zone, string $by): ?string
    {
        return match (true) {
            $zone->sharesWhatIsAlone() => "$by would also protect an outlet that is to share none",
            ! $this->terms->allows($zone) => sprintf(
                'what %s would protect leaks %.2f mA, over the %s allowed',
                $by,
                $zone->milliamperes(),
                $this->terms->budgetMa,
            ),
            default => null,
        };
    }
}
