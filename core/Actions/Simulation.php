<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Faults\Fault;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\ElectricalFault;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Looks;
use Bouclier\Core\Network\Meters;
use Bouclier\Core\Network\Tripping;
use Bouclier\Core\Network\TripTime;

/** A house with faults, and what every action at it shows. The state goes on from one action to the next. */
final class Simulation
{
    public readonly FeedMap $feeds;

    public readonly Tripping $tripping;

    public readonly Condition $condition;

    public readonly Looks $looks;

    public readonly Meters $meters;

    /** @var array<int> how often each thing was drawn, by what it is about */
    private array $drawn = [];

    /** @param list<Fault> $faults */
    public function __construct(
        public readonly House $house,
        private array $faults,
        private readonly Draws $draws,
    ) {
        $this->feeds = new FeedMap($house);
        $this->tripping = new Tripping($house, $this->feeds, $faults, $draws);
        $this->condition = Condition::of($house);
        $this->looks = new Looks($house, $draws);
        $this->meters = new Meters($house, $draws);
        $this->energised();
    }

    public function act(Action $action): Reading
    {
        return $action->act($this);
    }

    /** @return list<Fault> all of them, whether they show just now or not */
    public function faults(): array
    {
        return $this->faults;
    }

    /** @return list<string> what opened by an action */
    public function did(Action $action): array
    {
        $energises = $action->does($this->condition, $this->feeds);
        if ($energises) {
            return $this->energised();
        }
        $this->keepOpen();

        return $this->tripping->settle($this->condition);
    }

    /**
     * What comes and goes is drawn anew, and everything opens that does.
     *
     * @return list<string> what opened
     */
    public function energised(): array
    {
        $shown = [];
        foreach ($this->faults as $number => $fault) {
            $chance = $fault->chance();
            if ($chance === null || $this->draws->happens("intermittent $number", $this->count("intermittent $number"), $chance)) {
                array_push($shown, ...$fault->parts());
            }
        }
        $this->condition->faults = $shown;
        $this->keepOpen();

        return $this->tripping->settle($this->condition);
    }

    /** What does not close is open, whatever was done to it. */
    private function keepOpen(): void
    {
        array_map($this->condition->opens(...), $this->tripping->staysOpen($this->condition));
    }

    /**
     * Everything opens that does while more shows than did.
     *
     * @param list<ElectricalFault> $more
     *
     * @return list<string> what opened
     */
    public function settledWith(array $more): array
    {
        $before = $this->condition->faults;
        $this->condition->faults = [...$before, ...$more];
        $opened = $this->tripping->settle($this->condition);
        $this->condition->faults = $before;

        return $opened;
    }

    /** A breaker has power from its bus; a device from its line side. */
    public function hasPower(string $id): bool
    {
        return $this->house->hasPoint($id)
            ? $this->grid()->lineVolts($id) >= Tripping::LIVE_VOLTS
            : ($this->condition->off[$id] ?? false) === false;
    }

    public function isOpen(string $id): bool
    {
        return isset($this->condition->open[$id]);
    }

    public function isDead(string $id): bool
    {
        return $this->tripping->protector($id)?->isDead === true;
    }

    /** A known good one in the place of a device: what was worn goes with the old one. */
    public function replace(string $id): void
    {
        $this->faults = array_values(
            array_filter($this->faults, fn(Fault $fault): bool => $fault->at->device() !== $id || $fault->wear() === null),
        );
        $this->tripping->replace($id);
    }

    /** @return array{live: list<string>, dead: list<string>} points by whether there is voltage */
    public function walk(): array
    {
        $grid = $this->grid();
        $live = $dead = [];
        foreach ($this->house->points as $point) {
            $grid->faceVolts($point->id) >= Tripping::LIVE_VOLTS ? $live[] = $point->id : $dead[] = $point->id;
        }

        return ['live' => $live, 'dead' => $dead];
    }

    /**
     * @param list<string> $tripped
     *
     * @return array<string, mixed> what tripped, and after how many milliseconds
     */
    public function answered(array $tripped): array
    {
        [$from, $to, $exact] = TripTime::TYPICAL_MS;
        $after = fn(string $about): float => round($this->draws->between($about, $this->count($about), $from, $to, $exact));

        return ['tripped' => $tripped, 'after_ms' => $tripped === [] ? null : $after("after {$tripped[0]}")];
    }

    public function grid(): HouseGrid
    {
        return $this->tripping->grid($this->condition);
    }

    public function count(string $about): int
    {
        return $this->drawn[$about] = ($this->drawn[$about] ?? -1) + 1;
    }
}
