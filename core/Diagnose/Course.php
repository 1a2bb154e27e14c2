<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Doing;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Network\Tripping;

/** How one world goes on under a cause: what an action changes in it, what then shows, and what it would answer. */
final readonly class Course
{
    /** @param list<Fault> $faults */
    public function __construct(
        private Foresight $foresight,
        private array $faults,
        private bool $comesAndGoes,
        private Openings $openings,
        private HowOften $howOften,
    ) {
    }

    public function hasPower(World $world, string $device): bool
    {
        return $this->foresight->house->hasPoint($device) ? $world->grid($this->foresight)->lineVolts($device) >= Tripping::LIVE_VOLTS : ($world->condition->off[$device] ?? false) === false;
    }

    /** @return list<string> breakers that open if it goes on like this */
    public function overloaded(World $world): array
    {
        return $this->foresight->tripping->overloaded($this->withFaults($world)->condition);
    }

    public function done(World $world, Action $action): World
    {
        Doing::on($world->condition, $action, $this->foresight->feeds);
        if ($action->kind === ActionKind::TesterButton) {
            $world->condition->button = [$action->at->point ?? '', Tripping::BUTTON_OHMS];
        }
        $world->changed();

        return $world;
    }

    /**
     * What comes and goes shows, or does not.
     *
     * @param int $times it is drawn; showing once is showing
     *
     * @return non-empty-list<World>
     */
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
        $faults = $this->comesAndGoes && ! $world->shows ? [] : array_values(array_filter($this->faults, fn(Fault $fault): bool => ! $fault->kind->isWear()));
        if ($world->condition->faults !== $faults) {
            $world->condition->faults = $faults;
            $world->changed();
        }
        foreach ($this->faults as $fault) {
            $device = $fault->at->device() ?? '';
            if ($fault->kind === FaultKind::DeadDevice && ! $this->openings->isReplaced($device) && ! isset($world->condition->open[$device])) {
                $world->opens($device);
            }
        }

        return $world;
    }

    public function indicator(World $world, string $device): string
    {
        return match (true) {
            ! $this->hasPower($world, $device) => 'nothing',
            $this->openings->isDead($device) => 'failed',
            isset($world->condition->open[$device]) => 'tripped',
            default => 'power',
        };
    }

    public function answersTest(World $world, string $device): bool
    {
        $one = $this->foresight->tripping->protector($device);

        return $one !== null && $one->isProtective() && ! $this->openings->isStuck($device) && ! $this->openings->isDead($device) && ! isset($world->condition->open[$device]) && $this->hasPower($world, $device);
    }

    /** @return array{float, list<Fault>} */
    public function wiggle(Action $action): array
    {
        if ($this->faults === []) {
            return [0.0, []];
        }

        return $this->foresight->looks->wiggle($action->at, $this->comesAndGoes ? new Fault(FaultKind::Intermittent, $this->faults[0]->at, of: $this->faults) : $this->faults[0]);
    }

    /** How likely so many days with a trip are. */
    public function trial(World $world, string $device, int $days, int $trips): float
    {
        $trips = min($days, $trips);
        $chance = function (bool $shows) use ($world, $device): float {
            $day = clone $world;
            $day->shows = $shows;
            unset($day->condition->open[$device]);
            $day->changed();
            $open = 0.0;
            foreach ($this->openings->settled($this->withFaults($day)) as $end) {
                $open += isset($end->condition->open[$device]) ? $end->weight : 0.0;
            }

            return max(MeterReadings::SLIP, min(1.0 - MeterReadings::SLIP, $open / max(1e-9, $world->weight)));
        };
        $shows = $chance(true);
        $hides = $this->comesAndGoes ? $chance(false) : $shows;

        return ! $this->comesAndGoes || $shows < 0.5 || $hides > 0.5
            ? HowOften::daysAt($hides, $days, $trips)
            : max(MeterReadings::SLIP * MeterReadings::SLIP, $this->howOften->days($days, $trips));
    }

    public function dead(World $world): string
    {
        $grid = $world->grid($this->foresight);
        $dead = array_filter(array_map(strval(...), array_keys($grid->faces)), fn(string $point): bool => $grid->faceVolts($point) < Tripping::LIVE_VOLTS);

        return Shown::dead(array_values($dead));
    }
}
