<?php

declare(strict_types=1);

namespace Bouclier\Core\Prove;

use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Read\LampsAt;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\Zones;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\DeviceLight;
use Bouclier\Core\House\Entries\RoundAnswer;
use Bouclier\Core\House\Entries\RoundStep;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\WalkThrough;
use Bouclier\Core\Live\ToRead;
use Bouclier\Core\Network\Tripping;
use Bouclier\Core\Network\TripTime;

/**
 * What must be seen after the work: of everything that was touched and all it feeds, in walking order. It follows from the records alone: a
 * round that stops half done has its rest open, and what was seen before something was touched again counts no more.
 */
final class TestRound
{
    /** How many that must stay alive are named with a TEST. */
    private const ALIVE = 4;

    private readonly FeedMap $feeds;

    private readonly Context $context;

    private readonly Zones $gfci;

    private readonly Zones $afci;

    /** @var array<int> since when it has to be proved, in seconds, by point */
    private array $since = [];

    /** @var array<int> the same of what was touched itself, by point or circuit */
    private readonly array $touched;

    /** @var array<RoundAnswer> the last of each step, by its name */
    private array $answers = [];

    private function __construct(private readonly House $house)
    {
        $this->feeds = new FeedMap($house);
        $this->context = new Context($house, $this->feeds, $house->code->edition);
        $this->gfci = new Zones($this->feeds);
        $this->afci = new Zones($this->feeds, Protection::Afci);
        $this->touched = Touched::in($house);
        foreach ($this->touched as $id => $since) {
            $id = (string) $id;
            foreach ($house->hasPoint($id) ? $this->from($house->point($id)) : $this->on($house->circuit($id)) as $point) {
                $this->since[$point->id] = max($this->since[$point->id] ?? 0, $since);
            }
        }
        foreach ($house->entries->all(RoundAnswer::class) as $answer) {
            $key = ToSee::named($answer->step, $answer->point ?? $answer->circuit ?? '', $answer->half);
            $before = $this->answers[$key] ?? null;
            if ($before === null || self::seconds($answer) >= self::seconds($before)) {
                $this->answers[$key] = $answer;
            }
        }
    }

    /** @return list<ToSee> in the order they are done; none where nothing was touched */
    public static function of(House $house): array
    {
        if (Touched::in($house) === []) {
            return [];
        }
        $round = new self($house);
        $devices = $round->devices();

        return array_map($round->answered(...), [
            ...array_map(fn(Point|Circuit $one): ToSee => new ToSee(RoundStep::Reset, $one, $round->sinceOf($one)), $devices),
            ...array_merge([], ...array_map($round->powered(...), $round->walk())),
            ...array_merge([], ...array_map($round->tested(...), $round->testers($devices))),
            ...array_merge([], ...array_map($round->pressed(...), $round->walk())),
            ...array_merge([], ...array_map($round->finished(...), $round->walk())),
        ]);
    }

    /**
     * How far each outlet and breaker is proved.
     *
     * @param list<ToSee> $steps
     *
     * @return array<Proof> by point or circuit id; nothing of what was not touched
     */
    public static function states(array $steps): array
    {
        $states = [];
        foreach ($steps as $step) {
            foreach ($step->step === RoundStep::Test ? [...$step->dead, $step->at] : [$step->at] as $one) {
                $states[$one->id] = $step->state()->with($states[$one->id] ?? $step->state());
            }
        }

        return $states;
    }

    /**
     * How far the round is.
     *
     * @param list<ToSee> $steps
     *
     * @return array{left: int, failed: int, of: int}
     */
    public static function standing(array $steps): array
    {
        $count = fn(Proof $state): int => count(array_filter($steps, fn(ToSee $step): bool => $step->state() === $state));

        return ['left' => $count(Proof::Open), 'failed' => $count(Proof::Failed), 'of' => count($steps)];
    }

    /** @return list<Point> of what has to be proved, in walking order */
    private function walk(): array
    {
        return WalkThrough::of($this->house, fn(Point $point): bool => isset($this->since[$point->id]));
    }

    /** @return list<Point|Circuit> protective devices and breakers that were touched */
    private function devices(): array
    {
        return [
            ...WalkThrough::of(
                $this->house,
                fn(Point $point): bool => isset($this->touched[$point->id]) && $point->device->feedsThrough(),
            ),
            ...array_values(array_filter(
                $this->house->circuits,
                fn(Circuit $one): bool => isset($this->touched[$one->id]) && $one->breaker()->isProtective(),
            )),
        ];
    }

    /**
     * Devices whose TEST is pressed: those touched, and what protects an outlet that was touched and a tester's button does not prove.
     *
     * @param list<Point|Circuit> $devices
     *
     * @return list<Point|Circuit>
     */
    private function testers(array $devices): array
    {
        $testers = array_column($devices, null, 'id');
        foreach ($this->walk() as $point) {
            $guard = $this->guardOf($point);
            if (isset($this->touched[$point->id]) && $guard !== null && ! $this->takesButton($point)) {
                $testers[$guard->id()] ??= $guard->by;
            }
        }

        return array_values($testers);
    }

    private function guardOf(Point $point): ?Guard
    {
        return $this->feeds->guards($point, Protection::Gfci)[0] ?? $this->feeds->guards($point, Protection::Afci)[0] ?? null;
    }

    /** @return list<ToSee> */
    private function powered(Point $point): array
    {
        $since = $this->sinceOf($point);
        if (in_array($point->kind, [PointKind::Switch, PointKind::Junction], true)) {
            return [];
        }
        if (! $point->isReceptacle()) {
            return [new ToSee(RoundStep::Runs, $point, $since)];
        }
        $isFed = $this->feeds->feed($point)->origins !== [];
        $lamps = $isFed && $point->takesUsualPlugs() ? LampsAt::expected($this->context, $point) : null;
        $volts = $isFed ? $this->context->expected()->meterAt($point)['hn'] : null;

        return array_map(
            fn($half): ToSee => new ToSee(RoundStep::Lamps, $point, $since, $half, lamps: $lamps, volts: $volts),
            ToRead::halves($point),
        );
    }

    /** @return list<ToSee> */
    private function tested(Point|Circuit $device): array
    {
        $guard = new Guard($device);
        $zone = [];
        foreach ([...$this->gfci->of($guard), ...$this->afci->of($guard)] as $point) {
            $zone[$point->id] = $point;
        }
        $own = $device instanceof Point ? [$device->id => $device] : [];
        $dead = [...$own, ...array_diff_key($this->inOrder($zone), $own)];
        $circuit = $device instanceof Circuit ? $device : $this->feeds->feed($device)->circuit;
        $alive = $device instanceof Circuit || $circuit === null ? [] : array_filter(
            $this->feeds->pointsOn($circuit),
            fn(Point $point): bool => ! isset($dead[$point->id]) && $point->isReceptacle(),
        );
        $since = max([$this->sinceOf($device), ...array_map($this->sinceOf(...), array_values($dead))]);

        return [
            new ToSee(
                RoundStep::Test,
                $device,
                $since,
                dead: array_values($dead),
                alive: array_slice(array_values($alive), 0, self::ALIVE),
            ),
            new ToSee(RoundStep::Back, $device, $since, dead: array_values($dead)),
        ];
    }

    /** @return list<ToSee> the tester's button, at what was touched: it leaks from hot to ground, and a GFCI has to see it */
    private function pressed(Point $point): array
    {
        $isGuarded = $this->feeds->guards($point, Protection::Gfci) !== [];
        if (! isset($this->touched[$point->id]) || ! $point->isReceptacle() || ! $isGuarded || ! $this->takesButton($point)) {
            return [];
        }
        $limit = TripTime::limitSeconds(Tripping::buttonMa($this->house->supplyVolts()));

        return [new ToSee(RoundStep::Button, $point, $this->sinceOf($point), limitMs: $limit === null ? null : 1000.0 * $limit)];
    }

    /** @return list<ToSee> */
    private function finished(Point $point): array
    {
        if (! isset($this->touched[$point->id])) {
            return [];
        }
        $since = $this->sinceOf($point);
        $hasLight = $point->device->feedsThrough() && ! in_array($point->light, [null, DeviceLight::None], true);
        $isWet = $point->exposure() !== Exposure::Dry || $this->house->areaOf($point)->kind === AreaKind::Outdoors;
        $isGuarded = $this->feeds->guards($point, Protection::Gfci) !== [];
        $why = $point->isReceptacle() && $isGuarded && ! $this->takesButton($point)
            ? ($point->takesUsualPlugs() ? "It has no ground for a tester's button to leak into" : 'No plug-in tester fits it')
                . ': TEST of what protects it proves it.'
            : null;

        return [
            ...($hasLight ? [new ToSee(RoundStep::Light, $point, $since)] : []),
            ...($isWet && $point->isReceptacle() ? [new ToSee(RoundStep::Cover, $point, $since)] : []),
            new ToSee(RoundStep::Plate, $point, $since, why: $why),
        ];
    }

    /** Whether a tester's button proves what protects it: it fits, and has a ground to leak into. */
    private function takesButton(Point $point): bool
    {
        return $point->takesUsualPlugs() && $this->feeds->feed($point)->origins !== [] && LampsAt::hasGround($this->context, $point);
    }

    private function answered(ToSee $step): ToSee
    {
        $answer = $this->answers[$step->key()] ?? null;

        return $answer === null || self::seconds($answer) < $step->since ? $step : new ToSee(
            $step->step,
            $step->at,
            $step->since,
            $step->half,
            $step->dead,
            $step->alive,
            $step->lamps,
            $step->volts,
            $step->limitMs,
            $step->why,
            $answer,
        );
    }

    private function sinceOf(Point|Circuit $at): int
    {
        return max($this->since[$at->id] ?? 0, $this->touched[$at->id] ?? 0);
    }

    /** @return list<Point> a point and all that hangs on it */
    private function from(Point $point): array
    {
        $all = [$point->id => $point];
        for ($queue = [$point]; $queue !== [];) {
            foreach ($this->feeds->cablesOutOf(array_shift($queue)) as $cable) {
                if (! isset($all[$cable->to->point])) {
                    $queue[] = $all[$cable->to->point] = $this->house->point($cable->to->point);
                }
            }
        }

        return array_values($all);
    }

    /** @return list<Point> */
    private function on(Circuit $circuit): array
    {
        return array_merge([], ...array_map($this->feeds->pointsOn(...), $this->house->fedBy($circuit)));
    }

    /**
     * @param array<Point> $points by id
     *
     * @return array<Point> by id, in walking order
     */
    private function inOrder(array $points): array
    {
        return array_column(WalkThrough::of($this->house, fn(Point $point): bool => isset($points[$point->id])), null, 'id');
    }

    private static function seconds(RoundAnswer $answer): int
    {
        return Moment::seconds($answer->atTime) ?? 0;
    }
}
