<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Wiring;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Spot;

/** What opens, and when nothing more does. The house is solved again after each opening. */
final class Tripping
{
    /** Milliamperes: a healthy GFCI holds below the first and trips at the second; between, its own threshold lies anywhere (UL 943). */
    public const HOLDS_MA = 4.0;
    public const TRIPS_MA = 6.0;
    private const EXACT_MA = 5.0;

    /** Ohms a tester's button puts from hot to ground: 8 mA. */
    public const BUTTON_OHMS = 15e3;

    /** Milliamperes of the ground-fault element of an AFCI: least, most, and exact. */
    public const ELEMENT_MA = [30.0, 50.0, 40.0];

    /** Ohms from load-side neutral to the reference below which a GFCI trips without load. */
    public const GROUNDED_NEUTRAL_OHMS = 4.0;

    /** Volts below which a device has no power, and a point is dead. */
    public const LIVE_VOLTS = 90.0;

    /** Times its rating at which a breaker opens at once. */
    public const MAGNETIC = 10.0;

    /**
     * Times its rating above which a breaker opens within a wait: a model. The standard says that it holds 100 % and trips at 135 % within
     * an hour.
     */
    public const THERMAL = 1.1;

    /** Answers that are kept. */
    private const KEPT = 4000;

    private readonly Networks $networks;

    /** @var array<Protector> by id */
    private array $protectors = [];

    /** @var list<Point> devices that stay open where they are fed on LOAD */
    private array $refusing = [];

    /** @var array<string> the half of a two-pole breaker it is known by, by the circuit id of the other */
    private array $second = [];

    /** @var list<Protector>|null */
    private ?array $protective = null;

    private readonly bool $hasMixedLanding;

    /** @var array<array{bool, list<ElectricalFault>}> whether a neutral was found grounded, by how the house stood */
    private array $grounded = [];

    /** @param list<ElectricalFault> $faults all of them, intermittents too: a device is weak, stuck or dead always */
    public function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
        array $faults,
        private readonly Draws $draws,
        ?Networks $networks = null,
    ) {
        $this->networks = $networks ?? new GridBuilder($house, $feeds);
        foreach ($house->points as $point) {
            if ($point->refusesFeedOnLoad()) {
                $this->refusing[] = $point;
            }
            if ($point->device->feedsThrough()) {
                $this->add($point->id, $point, $faults, $point->device->givesGfci(), $point->gfElement ?? false);
            }
        }
        $this->hasMixedLanding = array_filter(
            $house->cables,
            fn(Cable $cable): bool => $cable->landingAtEnd()->isMixed() || $cable->landingAtStart()?->isMixed() === true,
        ) !== [];
        foreach ($house->circuits as $circuit) {
            $other = $house->onOneBreaker($circuit);
            if ($other !== null && isset($this->protectors[$other->id])) {
                $this->second[$circuit->id] = $other->id;
                continue;
            }
            $this->add(
                $circuit->id,
                $circuit,
                $faults,
                $circuit->breaker()->givesGfci(),
                $circuit->breaker()->givesAfci() && ($circuit->gfElement ?? true),
            );
        }
    }

    /** @param list<ElectricalFault> $faults */
    private function add(string $id, Point|Circuit $is, array $faults, bool $isGfci, bool $hasElement): void
    {
        $ids = $is instanceof Circuit ? [$id, $this->house->onOneBreaker($is)->id ?? $id] : [$id];
        $own = array_filter(
            $faults,
            fn(ElectricalFault $fault): bool => $fault->wear() !== null && in_array($fault->at->device(), $ids, true),
        );
        $wears = fn(Wear $wear): bool => array_filter($own, fn(ElectricalFault $fault): bool => $fault->wear() === $wear) !== [];
        [$least, $most, $exact] = self::ELEMENT_MA;
        $tripMa = match (true) {
            $isGfci => $this->draws->between("threshold $id", 0, self::HOLDS_MA, self::TRIPS_MA, self::EXACT_MA),
            $hasElement => $this->draws->between("threshold $id", 0, $least, $most, $exact),
            default => null,
        };
        foreach ($own as $fault) {
            $tripMa = $fault->wear() === Wear::Weak && $tripMa !== null ? $fault->tripMa() : $tripMa;
        }
        $this->protectors[$id] = new Protector(
            $id,
            $is,
            $isGfci,
            $is instanceof Point ? $is->device->givesAfci() : $is->breaker()->givesAfci(),
            $tripMa,
            $wears(Wear::Stuck),
            $wears(Wear::Dead),
        );
    }

    /** @return float milliamperes a tester's button draws at a supply of so many volts */
    public static function buttonMa(float $volts): float
    {
        return 1000.0 * $volts / self::BUTTON_OHMS;
    }

    /** What opens at a device or breaker; both halves of a two-pole protective breaker are one. */
    public function protector(string $id): ?Protector
    {
        return $this->protectors[$this->second[$id] ?? $id] ?? null;
    }

    /** A known good one in the place of a device. */
    public function replace(string $id): void
    {
        $fresh = (new self($this->house, $this->feeds, [], $this->draws))->protector($id);
        if ($fresh !== null) {
            $this->protectors[$fresh->id] = $fresh;
            $this->protective = null;
        }
    }

    /** @return list<Protector> those that watch for a residual or an arc */
    public function protective(): array
    {
        return $this->protective ??= array_values(array_filter($this->protectors, fn(Protector $one): bool => $one->isProtective()));
    }

    /** @return array<Protector> by id */
    public function protectors(): array
    {
        return $this->protectors;
    }

    /** @return list<string> ids of those that do not close: worn out, or new ones that are fed on LOAD */
    public function staysOpen(Condition $condition): array
    {
        $open = array_map(
            fn(Protector $one): string => $one->id,
            array_filter($this->protectors, fn(Protector $one): bool => $one->isDead),
        );
        $rework = $this->refusing === [] ? null : new Rework($condition);
        foreach ($this->refusing as $point) {
            if ($rework !== null && ($this->feeds->wiring($point) === Wiring::Reversed) !== $rework->isReversed($point->id)) {
                $open[] = $point->id;
            }
        }

        return array_values($open);
    }

    public function grid(Condition $condition): HouseGrid
    {
        return $this->networks->build($condition);
    }

    /**
     * Lets everything open that does.
     *
     * @return list<string> ids of devices and circuits that opened
     */
    public function settle(Condition $condition): array
    {
        $opened = [];
        while (($now = $this->next($condition)) !== []) {
            foreach ($now as $id) {
                $condition->opens($id);
                array_push($opened, ...$condition->twoPole->together($id));
            }
        }

        return $opened;
    }

    /** @return array<float> milliamperes each closed protective device sees, by id */
    public function residuals(HouseGrid $grid): array
    {
        $seen = [];
        foreach ($this->protective() as $one) {
            if (isset($grid->contacts[$one->id]) || isset($grid->poles[$one->id])) {
                $seen[$one->id] = 1000.0 * $grid->residual($one->id);
            }
        }

        return $seen;
    }

    /** @return list<string> breakers that a load of some minutes opens */
    public function overloaded(Condition $condition): array
    {
        return $this->breakersAbove($this->grid($condition), self::THERMAL);
    }

    /** @return list<string> what opens next: breakers on a short first, then the lowest threshold that is passed, equal ones together */
    private function next(Condition $condition): array
    {
        $grid = $this->grid($condition);
        $shorted = $this->shorted($grid);
        if ($shorted !== []) {
            return $shorted;
        }
        $first = [];
        $lowest = INF;
        foreach ($this->protective() as $one) {
            $threshold = $one->tripMa ?? self::ELEMENT_MA[2];
            if ($one->isStuck || $this->sees($grid, $one, $condition, $one->tripMa ?? INF) < ($one->tripMa ?? INF)) {
                continue;
            }
            if ($threshold < $lowest) {
                $lowest = $threshold;
                $first = [];
            }
            if ($threshold === $lowest) {
                $first[] = $one->id;
            }
        }

        return $first;
    }

    /**
     * What a device has to open on now, whatever is wrong in itself.
     *
     * @param float $enough milliamperes from which on nothing else is asked
     *
     * @return float milliamperes of residual, 0 where it watches none, infinite for what opens it at any threshold: a grounded neutral, an
     *        arc; below 0 where
     *               it cannot open, being open or without power
     */
    public function sees(HouseGrid $grid, Protector $one, Condition $condition, float $enough = INF): float
    {
        if (! $this->canOpen($grid, $one)) {
            return -1.0;
        }
        $ma = $one->tripMa === null ? 0.0 : 1000.0 * $grid->residual($one->id);

        return $ma < $enough && $this->opensAtAnyThreshold($grid, $one, $condition) ? INF : $ma;
    }

    /** Whether a device watches for anything, is closed, and has power to open with. */
    public function canOpen(HouseGrid $grid, Protector $one): bool
    {
        return $one->isProtective() && $this->isClosed($grid, $one) && $this->hasPower($grid, $one);
    }

    /** A grounded neutral, or an arc that it watches for. */
    public function opensAtAnyThreshold(HouseGrid $grid, Protector $one, Condition $condition): bool
    {
        return ($one->givesGfci && $this->isNeutralGrounded($one, $condition)) || ($one->givesAfci && $this->arcs($grid, $one, $condition));
    }

    private function isClosed(HouseGrid $grid, Protector $one): bool
    {
        return isset($grid->contacts[$one->id]) || ($one->isBreaker() && isset($grid->poles[$one->id]));
    }

    private function hasPower(HouseGrid $grid, Protector $one): bool
    {
        return $one->isBreaker() || $grid->lineVolts($one->id) >= self::LIVE_VOLTS;
    }

    /**
     * The second coil of a GFCI: a loop through neutral and ground. Load-side neutral to the reference, its own path taken out, appliances
     * unplugged (what the sources hold counts for nothing in a resistance); and the same on its line side, without which there is no loop
     * (a reversed device has none).
     */
    private function isNeutralGrounded(Protector $one, Condition $condition): bool
    {
        if (! $this->mayGroundNeutral($condition)) {
            return false;
        }
        // What is plugged in counts for nothing in it.
        $key = serialize([
            $one->id, array_filter($condition->off), $condition->open, $condition->lifted,
            array_map(spl_object_id(...), $condition->faults),
        ]);
        if (! isset($this->grounded[$key])) {
            if (count($this->grounded) >= self::KEPT) {
                $this->grounded = [];
            }
            // The faults are kept with it, so that no other ever has their number.
            $this->grounded[$key] = [$this->readsGrounded($one, $condition), $condition->faults];
        }

        return $this->grounded[$key][0];
    }

    private function readsGrounded(Protector $one, Condition $condition): bool
    {
        $bare = clone $condition;
        $bare->opens($one->id);
        $bare->plugged = $bare->running = [];
        $grid = $this->networks->build($bare, $one->isBreaker() ? $one->id : null);
        if ($one->isBreaker()) {
            $lifted = $grid->liftedNeutrals[$one->id] ?? null;

            return $lifted !== null && $grid->solution()->ohmsToReference($lifted) < self::GROUNDED_NEUTRAL_OHMS;
        }
        [, , $line, $load] = $grid->boxes[$one->id];

        return $grid->solution()->ohmsToReference($load) < self::GROUNDED_NEUTRAL_OHMS
            && $grid->solution()->ohmsToReference($line) < self::GROUNDED_NEUTRAL_OHMS;
    }

    /** Without a fault that joins neutrals to anything, or a landing that is not as it should be, none is grounded beyond a device. */
    private function mayGroundNeutral(Condition $condition): bool
    {
        $siemens = 0.0;
        foreach ($condition->faults as $fault) {
            $resistor = $fault->resistor();
            if ($resistor !== null) {
                $siemens += 1.0 / $resistor->ohms;
            } elseif ($fault->joinsConductors()) {
                return true;
            }
        }
        if ($siemens * self::GROUNDED_NEUTRAL_OHMS > 1.0) {
            return true;
        }

        return $this->hasMixedLanding;
    }

    /** Whether an arc fault that shows just now is one the device watches and would open on. */
    private function arcs(HouseGrid $grid, Protector $one, Condition $condition): bool
    {
        foreach ($condition->faults as $fault) {
            $amps = $fault->arcsFromAmps();
            $place = $amps === null ? null : $this->pointOf($fault->at);
            if ($place === null || ! $this->watches($one, $place, $fault->at)) {
                continue;
            }
            if (
                $grid->faceVolts($place) >= self::LIVE_VOLTS
                && ($amps === 0.0 || $this->ampsThrough($grid, $fault->at, $condition) >= $amps)
            ) {
                return true;
            }
        }

        return false;
    }

    private function watches(Protector $one, string $place, Spot $at): bool
    {
        // The feed of a device lies before it: an arc there is not its own.
        if ($at->cable !== null && $one->id === $place) {
            return false;
        }
        foreach ($this->feeds->guards($this->house->point($place), Protection::Afci) as $guard) {
            if ($this->protector($guard->id()) === $one) {
                return true;
            }
        }

        return false;
    }

    private function pointOf(Spot $at): ?string
    {
        return $at->point ?? $this->house->findCable($at->cable)?->to->point;
    }

    private function ampsThrough(HouseGrid $grid, Spot $at, Condition $condition): float
    {
        if ($at->cable !== null) {
            return Arithmetic::magnitude(...$grid->through($grid->cables[$at->cable]['hot']));
        }
        $amps = 0.0;
        foreach ($this->house->appliances as $appliance) {
            if (($condition->plugged[$appliance->id] ?? null) === $at->point && ($condition->running[$appliance->id] ?? false)) {
                $amps += $this->ampsOf($appliance, $grid->faceVolts($at->point ?? ''));
            }
        }

        return $amps;
    }

    private function ampsOf(Appliance $appliance, float $volts): float
    {
        return $volts * $appliance->siemens();
    }

    /** @return list<string> breakers that open at once */
    public function shorted(HouseGrid $grid): array
    {
        return $this->breakersAbove($grid, self::MAGNETIC);
    }

    /** @return list<string> */
    private function breakersAbove(HouseGrid $grid, float $times): array
    {
        $above = [];
        foreach ($this->protectors as $one) {
            if ($one->is instanceof Circuit && ! $one->isStuck) {
                if ($grid->poleAmps($one->id) > $times * $one->is->amps) {
                    $above[] = $one->id;
                }
            }
        }

        return $above;
    }
}
