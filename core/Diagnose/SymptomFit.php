<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Outcome;
use Bouclier\Core\Actions\PressTest;
use Bouclier\Core\Actions\Reset;
use Bouclier\Core\Actions\SwitchOn;
use Bouclier\Core\Actions\TesterButton;
use Bouclier\Core\Actions\World;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Spot;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Grid;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Tripping;

/** How likely somebody would call about just this, under a cause. */
final readonly class SymptomFit
{
    /** What is told as it is, and what somebody tells of something the cause does not do. */
    private const SURE = 0.95;
    public const HARDLY = 0.02;

    /** An overload opens the breaker, and is told as a trip of it or as what it is; now and then as one of the device in the room. */
    private const TOLD_AS_TRIP = 0.5;
    private const TOLD_OF_DEVICE = 0.1;

    /** How likely all that is plugged in ran at once, where nobody says what did; and where load is what is told of. */
    private const ALL_AT_ONCE = 0.5;
    private const ALL_WITH_LOAD = 0.75;

    /** How likely "at once" is said, beside what it should mean, of what does not trip as the house stands. */
    private const NOT_AT_ONCE = 0.1;

    /** How likely an outlet that is told to be dead, and was, is live when somebody comes. */
    private const LIVE_MEANWHILE = 0.25;

    /** Volts on a frame that are felt. */
    private const FELT_VOLTS = 15.0;

    /** Occasions on which leakages were another sum each, before somebody called. */
    private const OCCASIONS = 8;

    /** Part of the volts of a sound house below which an outlet is noticed to be weak. */
    private const WEAK = 0.93;

    /** @var list<string> devices and breakers the call is about */
    private array $devices;

    /** @var list<Point> outlets the call is about */
    private array $points;

    /** How likely the call would be with the house as it is recorded, and nothing else wrong. */
    public float $asItStands;

    /** How likely a trip is told because of what ran at once, and nothing else wrong. */
    private float $byLoad;

    public function __construct(private Foresight $foresight, private Symptom $symptom)
    {
        $this->devices = $symptom->devices($foresight->feeds);
        $this->points = self::points($foresight, $symptom);
        $sound = new Belief($foresight, [], false, true);
        $this->asItStands = $this->does($sound);
        $this->byLoad = $symptom->kind === SymptomKind::Trips
            ? $this->overload($sound) * $this->ranTogether()
            : 0.0;
    }

    /** How likely it is that all ran at once that may have run. */
    private function ranTogether(): float
    {
        return match (true) {
            $this->symptom->running !== [] => 1.0,
            $this->symptom->when === SymptomWhen::WithLoad => self::ALL_WITH_LOAD,
            default => self::ALL_AT_ONCE,
        };
    }

    /** Whether it can do at all what the call tells, by its kind. */
    public function may(Hypothesis $hypothesis): bool
    {
        return $this->symptom->kind !== SymptomKind::Trips || ! $hypothesis->tripsNothing();
    }

    /**
     * What the house does without a cause is not its doing: only what the cause adds to it speaks for it. Leakages are measured against a
     * house that has none.
     */
    public function of(Hypothesis $hypothesis, Belief $belief): float
    {
        return match ($hypothesis->explains) {
            Explains::Overload => $this->overload($belief),
            Explains::HonestSum, Explains::LongCable => $this->symptom->kind === SymptomKind::Trips
                ? $this->onAnyOccasion($this->tripsByLeakage())
                : $this->beside($belief, $this->withoutLeakage()),
            Explains::NoFeed, Explains::Unknown, Explains::Beyond => $this->does($belief),
            default => $this->beside($belief, max($this->asItStands, $this->byLoad)),
        };
    }

    /**
     * @return list<string> what must have opened under a cause, for it to be that: of leakages that trip at once it says how much they are
     */
    public function opened(Hypothesis $hypothesis): array
    {
        return $hypothesis->isOfLeakage() && $this->symptom->kind === SymptomKind::Trips && $this->symptom->when === SymptomWhen::AtOnce
            ? $this->devices
            : [];
    }

    /**
     * How the house stands before anything is done, by what is told. What trips at once, each time, has a threshold below what its device
     * sees as the house stands. What is dead is so because something has opened: an overload has opened its breaker, and the device of what
     * comes and goes mostly still stands open.
     */
    public function toldTo(Hypothesis $hypothesis, Belief $belief): void
    {
        if ($this->symptom->kind === SymptomKind::Dead) {
            if ($hypothesis->explains === Explains::Overload) {
                $belief->hasOpened($this->overloaded($belief));
            }
            $belief->told(fn(World $world): float => $this->isAtAny($world, $this->isDead(...)) ? 1.0 : self::LIVE_MEANWHILE);
        } elseif ($this->symptom->kind === SymptomKind::Trips && $this->symptom->when === SymptomWhen::AtOnce && ! $belief->comesAndGoes) {
            $belief->told(fn(World $world): float => array_intersect($this->devices, $world->open()) === [] ? self::NOT_AT_ONCE : 1.0);
        }
    }

    /** @return list<string> breakers that what ran then opens */
    private function overloaded(Belief $belief): array
    {
        return $belief->overloaded($this->running($belief)->world());
    }

    private function overload(Belief $belief): float
    {
        $opens = $this->overloaded($belief);

        return match (true) {
            $opens === []
                || in_array(
                    $this->symptom->kind,
                    [SymptomKind::ReadsWrong, SymptomKind::WillNotTrip, SymptomKind::Shock],
                    true,
                ) => self::HARDLY,
            array_intersect($opens, $this->devices) !== [] => self::TOLD_AS_TRIP,
            default => self::TOLD_OF_DEVICE,
        };
    }

    private function beside(Belief $belief, float $without): float
    {
        return max(self::HARDLY, $this->does($belief) - ($without > self::HARDLY ? $without : 0.0));
    }

    /** What leaks in order wanders with damp, heat and what runs: somebody calls once it was too much on any occasion. */
    private function onAnyOccasion(float $chance): float
    {
        return max(self::HARDLY, min(self::SURE, 1.0 - Arithmetic::wholePower(1.0 - $chance, self::OCCASIONS)));
    }

    /** How likely what leaks in order trips it as the house stands, or with what ran, however unlikely; less what trips it without. */
    private function tripsByLeakage(): float
    {
        [$with, $without] = [new Openings($this->foresight, []), new Openings($this->foresight, [], false)];
        $most = 0.0;
        foreach ([[], $this->ran()] as $running) {
            $condition = Condition::of($this->foresight->house);
            foreach ($running as $action) {
                $action->does($condition, $this->foresight->feeds);
            }
            $world = new World($condition, true, 1.0, $this->foresight->leakages->before);
            [$opens, $opensAnyway] = array_map(
                fn(Openings $one): float => array_sum(array_intersect_key($one->firstToOpen($world), array_flip($this->devices))),
                [$with, $without],
            );
            $most = max($most, $opens - $opensAnyway);
        }

        return $most;
    }

    private function withoutLeakage(): float
    {
        return $this->asItStands > self::HARDLY ? $this->does(new Belief($this->foresight, [], false, true, leaks: false)) : 0.0;
    }

    private function does(Belief $belief): float
    {
        return max(self::HARDLY, min(self::SURE, match ($this->symptom->kind) {
            SymptomKind::Trips => $this->trips($belief),
            SymptomKind::WillNotReset => $this->willNotReset($belief),
            SymptomKind::WillNotTrip => $this->willNotTrip($belief),
            SymptomKind::ReadsWrong => $this->readsWrong($belief),
            SymptomKind::Shock => $this->atPoints(
                $belief,
                fn(World $world, Point $point): bool => $world
                    ->grid($this->foresight)
                    ->solution()
                    ->between($world->grid($this->foresight)->faces[$point->id][2], Grid::REFERENCE) > self::FELT_VOLTS,
            ),
            SymptomKind::Overload => $this->overloaded($belief) !== [] ? self::SURE : self::HARDLY,
            SymptomKind::Dead => $this->atPoints($belief, $this->isDead(...)),
        }));
    }

    private function trips(Belief $belief): float
    {
        $now = $belief->chanceOpen($this->devices);
        if ($belief->comesAndGoes) {
            $shows = array_sum(array_map(fn(World $world): float => $world->shows ? $world->weight : 0.0, $belief->worlds));
            $opens = min(1.0, $now / max(0.01, $shows));

            return $opens * match ($this->symptom->when) {
                SymptomWhen::AtOnce => 0.15,
                SymptomWhen::WithLoad => 0.4,
                SymptomWhen::Unknown => 0.5,
                default => 0.9,
            };
        }
        if ($belief->isDead($this->devices[0] ?? '')) {
            return $this->symptom->when === SymptomWhen::AtOnce ? 0.3 : 0.1;
        }
        $running = $this->running($belief)->chanceOpen($this->devices);
        $always = match ($this->symptom->when) {
            SymptomWhen::Random, SymptomWhen::Wet => 0.3,
            SymptomWhen::WithLoad => 0.5,
            default => self::SURE,
        };
        $underLoad = match ($this->symptom->when) {
            SymptomWhen::AtOnce => 0.4,
            SymptomWhen::Random, SymptomWhen::Wet => 0.6,
            default => self::SURE,
        };

        return max($now * $always, ($running - $now) * $underLoad);
    }

    private function willNotReset(Belief $belief): float
    {
        $device = $this->devices[0] ?? '';
        $shown = $belief->outcomes(
            new Reset($this->foresight->house->hasPoint($device) ? new Spot(point: $device) : new Spot(circuit: $device)),
        );

        return array_sum(array_diff_key($shown->of, [Outcome::holds()->key => 0.0]));
    }

    private function willNotTrip(Belief $belief): float
    {
        $house = $this->foresight->house;
        $at = $house->hasPoint($this->symptom->at) ? new Spot(point: $this->symptom->at) : new Spot(circuit: $this->symptom->at);
        $isDevice = in_array($this->symptom->at, $this->devices, true);
        $isGfci = array_filter(
            $this->devices,
            fn(string $device): bool => $this->foresight->tripping->protector($device)->givesGfci ?? false,
        ) !== [];
        $most = 0.0;
        // A tester's button leaks to ground: an AFCI need not answer it.
        foreach ([
            ...($isDevice ? [new PressTest($at)] : []),
            ...($at->point !== null && $isGfci ? [new TesterButton($at)] : []),
        ] as $button) {
            $shown = $belief->outcomes($button);
            $holds = array_sum(
                array_filter($shown->of, fn(string|int $key): bool => $shown->outcomes[$key]->what === 'holds', ARRAY_FILTER_USE_KEY),
            );
            $most = max($most, $holds * ($button instanceof PressTest ? self::SURE : 0.8));
        }
        // Its own face stays live however often it trips.
        $isReversed = array_filter(
            $belief->faults,
            fn(Fault $fault): bool => $fault->leavesFaceLive() && in_array($fault->at->device(), $this->devices, true),
        ) !== [];

        return max($most, $isReversed ? 0.8 : 0.0);
    }

    private function plain(): HouseGrid
    {
        return $this->foresight->build(Condition::of($this->foresight->house));
    }

    private function readsWrong(Belief $belief): float
    {
        return $this->atPoints($belief, function (World $world, Point $point): bool {
            $grid = $world->grid($this->foresight);
            $lamps = $this->foresight->instruments->lamps($grid, $point->id);

            return ! $lamps->hn
                || ! $lamps->hg
                || $lamps->ng
                || $grid->faceVolts($point->id) < self::WEAK * $this->plain()->faceVolts($point->id);
        });
    }

    /** @param callable(World, Point): bool $is */
    private function atPoints(Belief $belief, callable $is): float
    {
        $most = 0.0;
        foreach ([$belief, ...($this->symptom->running === [] ? [] : [$this->running($belief)])] as $one) {
            $chance = array_sum(
                array_map(fn(World $world): float => $this->isAtAny($world, $is) ? $world->weight : 0.0, $one->worlds),
            );
            $most = max($most, $chance * ($belief->comesAndGoes ? 0.8 : 1.0));
        }

        return $most;
    }

    /** @param callable(World, Point): bool $is whether it is so at an outlet the call is about */
    private function isAtAny(World $world, callable $is): bool
    {
        foreach ($this->points as $point) {
            if ($is($world, $point)) {
                return true;
            }
        }

        return false;
    }

    private function isDead(World $world, Point $point): bool
    {
        return $world->grid($this->foresight)->faceVolts($point->id) < Tripping::LIVE_VOLTS;
    }

    /** @return list<Point> the outlet the call names, or the receptacles of the circuit */
    private static function points(Foresight $foresight, Symptom $symptom): array
    {
        $house = $foresight->house;

        return $house->hasPoint($symptom->at)
            ? [$house->point($symptom->at)]
            : array_values(
                array_filter(
                    array_merge(...array_map($foresight->feeds->pointsOn(...), $house->fedBy($house->circuit($symptom->at)))),
                    fn(Point $point): bool => $point->isReceptacle(),
                ),
            );
    }

    /** With what was running when it happened running; with everything, where that is not said and it is told to happen under load. */
    private function running(Belief $belief): Belief
    {
        $then = clone $belief;
        $then->prepareTogether($this->ran());

        return $then;
    }

    /** @return list<SwitchOn> */
    private function ran(): array
    {
        $running = $this->symptom->running !== []
            ? $this->symptom->running
            : ($this->symptom->when === SymptomWhen::AtOnce ? [] : array_column($this->foresight->house->appliances, 'id'));

        return array_map(fn(string $id): SwitchOn => new SwitchOn(new Spot(appliance: $id)), $running);
    }
}
