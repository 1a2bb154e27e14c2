<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** What instruments show in a house where nothing is wrong, every breaker on and running what runs, at its own supply voltage. */
final class Expected
{
    /** Of what may be lost at most: so much of it leaves room for what leaks besides. */
    private const SURELY = 0.9;

    private readonly Islands $islands;

    /** @var array<HouseGrid> of each island that was asked about, by its name */
    private array $grids = [];

    private readonly Instruments $instruments;

    public function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
    ) {
        $this->islands = new Islands($house);
        $this->instruments = new Instruments($house);
    }

    public function lampsAt(Point $point): Lamps
    {
        return $this->instruments->lamps($this->around($point->id), $point->id);
    }

    /** @return array{hn: float, hg: float, ng: float} volts at the slots */
    public function voltsAt(Point $point): array
    {
        $grid = $this->around($point->id);
        [$hot, $neutral, $ground] = $grid->faces[$point->id];
        $solution = $grid->solution();

        return [
            'hn' => $solution->between($hot, $neutral),
            'hg' => $solution->between($hot, $ground),
            'ng' => $solution->between($neutral, $ground),
        ];
    }

    /**
     * Whether what runs could take so many volts on the way to a point at all: all of it together, were it at the end of the run. Mostly it
     * could not, and nothing need be solved to know it.
     */
    public function mayLose(Point $point, float $volts): bool
    {
        $run = $this->feeds->runTo($point);
        $circuit = $this->feeds->feed($point)->circuit;
        if ($circuit === null || $this->house->panel($circuit->panel)->fedFrom !== null) {
            return true;
        }
        $running = $this->islands->runningOn($this->islands->ofPoint($point->id));
        $siemens = array_sum(array_map(fn(Appliance $one): float => $one->siemens(), $running));
        $ohms = 2.0 * Supply::CONTACT_OHMS * (count($run) + 1);
        foreach ($run as $cable) {
            $ohms += 2.0 * Copper::ohms($this->feeds->awg($cable), $cable->lengthFt ?? 0.0);
        }

        return $ohms * $siemens * $this->house->lineVolts($circuit) > $volts * self::SURELY;
    }

    /** @return array{hn: float|null, hg: float|null, ng: float|null} volts a meter shows at the slots; null between two that float */
    public function meterAt(Point $point): array
    {
        return $this->instruments->atSlots($this->around($point->id), $point->id);
    }

    /** @return array{ma: float, hot: float, neutral: float} milliamperes a clamp shows round a cable, and round each conductor */
    public function clampOn(Cable $cable): array
    {
        $shown = $this->instruments->clamp($this->around($cable->to->point), $cable->id);

        return ['ma' => $shown['ma'], 'hot' => $shown['hot_ma'] ?? 0.0, 'neutral' => $shown['neutral_ma'] ?? 0.0];
    }

    /** Amperes through the busiest pole of a breaker. */
    public function ampsOf(Circuit $circuit): float
    {
        return $this->grid($this->islands->ofCircuit($circuit->id))->poleAmps($circuit->id);
    }

    /** Milliamperes through the sensor of a device or breaker. */
    public function residualOf(string $device): float
    {
        $island = $this->house->hasCircuit($device) ? $this->islands->ofCircuit($device) : $this->islands->ofPoint($device);

        return 1000.0 * $this->grid($island)->residual($device);
    }

    /**
     * @return list<array{Point, float, float}> the run from the breaker to a point: each point with its feet from the panel and its volts
     */
    public function profile(Point $point): array
    {
        $feet = 0.0;
        $profile = [];
        $grid = $this->around($point->id);
        foreach ($this->feeds->runTo($point) as $cable) {
            $feet += $cable->lengthFt ?? 0.0;
            $profile[] = [$this->house->point($cable->to->point), $feet, $grid->faceVolts($cable->to->point)];
        }

        return $profile;
    }

    private function around(string $point): HouseGrid
    {
        return $this->grid($this->islands->ofPoint($point));
    }

    private function grid(string $island): HouseGrid
    {
        if (! isset($this->grids[$island])) {
            $alone = $this->islands->alone($island);
            $this->grids[$island] = (new GridBuilder($alone, $this->feeds))->build(Condition::of($alone));
        }

        return $this->grids[$island];
    }
}
