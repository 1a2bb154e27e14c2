<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Following;
use Bouclier\Core\Actions\Likelihood;
use Bouclier\Core\Actions\World;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\Faults\Intermittent;
use Bouclier\Core\House\DeviceLight;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Instruments;
use Bouclier\Core\Network\Light;
use Bouclier\Core\Network\Looks;
use Bouclier\Core\Network\Tripping;
use Bouclier\Core\Network\Wear;

/** How one world goes on under a cause: what an action changes in it, what then shows, and what it would answer. */
final readonly class Course implements Following
{
    /** @param list<Fault> $faults */
    public function __construct(
        private Foresight $foresight,
        private array $faults,
        private bool $comesAndGoes,
        private Openings $openings,
        private HowOften $howOften,
        private bool $severityKnown,
    ) {
    }

    public function house(): House
    {
        return $this->foresight->house;
    }

    public function instruments(): Instruments
    {
        return $this->foresight->instruments;
    }

    public function looks(): Looks
    {
        return $this->foresight->looks;
    }

    public function faults(): array
    {
        return $this->faults;
    }

    public function grid(World $world): HouseGrid
    {
        return $world->grid($this->foresight);
    }

    public function without(World $world): ?HouseGrid
    {
        if ($this->severityKnown) {
            return null;
        }
        $condition = clone $world->condition;
        $condition->faults = [];

        return $this->foresight->build($condition);
    }

    public function residual(World $world, string $device): array
    {
        $with = $this->openings->residual($world, $device);
        $without = $this->without($world);

        return [$with, $without === null ? $with->ma : $this->openings->residual($world, $device, $without)->ma];
    }

    public function clamp(World $world, string $cable): array
    {
        $without = $this->without($world);
        $with = $this->openings->through($world, $cable);
        $before = $without === null ? $with : $this->openings->through($world, $cable, $without);
        $read = [];
        foreach ($with as $key => $supposed) {
            $read[$key] = [$supposed, ($before[$key] ?? $supposed)->ma];
        }

        return $read;
    }

    public function protectors(array $ids): array
    {
        $known = [];
        foreach ($ids as $id) {
            $one = $this->foresight->tripping->protector($id);
            $known += $one === null ? [] : [$one->id => true];
        }

        return array_map(strval(...), array_keys($known));
    }

    public function isDead(string $device): bool
    {
        return $this->openings->isDead($device);
    }

    public function settled(World $world): array
    {
        return $this->openings->settled($world);
    }

    public function observe(World $world, array $tripped): void
    {
        $this->openings->observe($world, $tripped);
    }

    public function hasPower(World $world, string $device): bool
    {
        return $this->foresight->house->hasPoint($device)
            ? $world->grid($this->foresight)->lineVolts($device) >= Tripping::LIVE_VOLTS
            : ($world->condition->off[$device] ?? false) === false;
    }

    public function overloaded(World $world): array
    {
        return $this->foresight->tripping->overloaded($this->withFaults($world)->condition);
    }

    public function done(World $world, Action $action): World
    {
        $action->does($world->condition, $this->foresight->feeds);
        $world->changed();

        return $world;
    }

    public function drawn(World $world, int $times = 1): array
    {
        if (! $this->comesAndGoes) {
            return [$this->withFaults($world)];
        }
        $shows = clone $world;
        $hides = clone $world;
        $hidden = $this->howOften->never($times);
        $shows->shows = true;
        $shows->weight *= 1.0 - $hidden;
        $hides->shows = false;
        $hides->weight *= $hidden;

        return [$this->withFaults($shows), $this->withFaults($hides)];
    }

    public function withFaults(World $world): World
    {
        $faults = $this->comesAndGoes && ! $world->shows
            ? []
            : array_values(array_filter($this->faults, fn(Fault $fault): bool => $fault->wear() === null));
        if ($world->condition->faults !== $faults) {
            $world->condition->faults = $faults;
            $world->changed();
        }
        foreach ($this->foresight->tripping->staysOpen($world->condition) as $device) {
            if (! isset($world->condition->open[$device])) {
                $world->opens($device);
            }
        }
        foreach ($this->faults as $fault) {
            $device = $fault->at->device() ?? '';
            if ($fault->wear() === Wear::Dead && ! $this->openings->isReplaced($device) && ! isset($world->condition->open[$device])) {
                $world->opens($device);
            }
        }

        return $world;
    }

    public function light(World $world, string $device, DeviceLight $means): Light
    {
        $house = $this->foresight->house;

        return Light::at(
            $house->hasPoint($device) ? $house->point($device) : null,
            $means,
            $world->grid($this->foresight),
            $this->hasPower($world, $device),
            isset($world->condition->open[$device]),
            $this->openings->isDead($device),
        );
    }

    public function answersTest(World $world, string $device): bool
    {
        $one = $this->foresight->tripping->protector($device);

        return $one !== null
            && $one->isProtective()
            && ! $this->openings->isStuck($device)
            && ! $this->openings->isDead($device)
            && ! isset($world->condition->open[$device])
            && $this->hasPower($world, $device);
    }

    public function wiggled(Spot $at): array
    {
        if ($this->faults === []) {
            return [0.0, []];
        }

        return $this->foresight->looks->wiggle($at, $this->comesAndGoes ? new Intermittent($this->faults) : $this->faults[0]);
    }

    public function trial(World $world, string $device, int $days, int $trips): float
    {
        $trips = min($days, $trips);
        $chance = function (bool $shows) use ($world, $device): float {
            $day = clone $world;
            $day->shows = $shows;
            $day->condition->closes($device);
            $day->changed();
            $day = $this->withFaults($day);
            if (isset($day->condition->open[$device])) {
                // What does not close trips on no day.
                return Likelihood::SLIP;
            }
            $open = 0.0;
            foreach ($this->openings->settled($day) as $end) {
                $open += isset($end->condition->open[$device]) ? $end->weight : 0.0;
            }

            return max(Likelihood::SLIP, min(1.0 - Likelihood::SLIP, $open / max(1e-9, $world->weight)));
        };
        $shows = $chance(true);
        $hides = $this->comesAndGoes ? $chance(false) : $shows;

        return ! $this->comesAndGoes || $shows < 0.5 || $hides > 0.5
            ? HowOften::daysAt($hides, $days, $trips)
            : max(Likelihood::SLIP * Likelihood::SLIP, $this->howOften->days($days, $trips));
    }

    public function dead(World $world): array
    {
        $grid = $world->grid($this->foresight);
        $dead = array_filter(
            array_map(strval(...), array_keys($grid->faces)),
            fn(string $point): bool => $grid->faceVolts($point) < Tripping::LIVE_VOLTS,
        );

        return array_values($dead);
    }
}
