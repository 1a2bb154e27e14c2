<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Spot;

/** What instruments show in a house where nothing is wrong, every breaker on and running what runs, at its own supply voltage. */
final readonly class Expected
{
    private HouseGrid $grid;

    private Instruments $instruments;

    public function __construct(
        private House $house,
        private FeedMap $feeds,
    ) {
        $this->grid = (new GridBuilder($house, $feeds))->build(Condition::of($house));
        $this->instruments = new Instruments($house);
    }

    public function lampsAt(Point $point): Lamps
    {
        return $this->instruments->lamps($this->grid, $point->id);
    }

    /** @return array{hn: float, hg: float, ng: float} volts at the slots */
    public function voltsAt(Point $point): array
    {
        [$hot, $neutral, $ground] = $this->grid->faces[$point->id];
        $solution = $this->grid->solution();

        return [
            'hn' => $solution->between($hot, $neutral),
            'hg' => $solution->between($hot, $ground),
            'ng' => $solution->between($neutral, $ground),
        ];
    }

    /** Whether a high-impedance meter there shows anything, and nothing certain. */
    public function floatsAt(Point $point, Between $between): bool
    {
        return $this->instruments->floats($this->grid, new Spot(point: $point->id), $between);
    }

    /** @return array{ma: float, hot: float, neutral: float} milliamperes a clamp shows round a cable, and round each conductor */
    public function clampOn(Cable $cable): array
    {
        $shown = $this->instruments->clamp($this->grid, $cable->id);

        return ['ma' => $shown['ma'], 'hot' => $shown['hot_ma'] ?? 0.0, 'neutral' => $shown['neutral_ma'] ?? 0.0];
    }

    /** Amperes through the busiest pole of a breaker. */
    public function ampsOf(Circuit $circuit): float
    {
        return $this->grid->poleAmps($circuit->id);
    }

    /** Milliamperes through the sensor of a device or breaker. */
    public function residualOf(string $device): float
    {
        return 1000.0 * $this->grid->residual($device);
    }

    /**
     * @return list<array{Point, float, float}> the run from the breaker to a point: each point with its feet from the panel and its volts
     */
    public function profile(Point $point): array
    {
        $feet = 0.0;
        $profile = [];
        foreach ($this->feeds->runTo($point) as $cable) {
            $feet += $cable->lengthFt ?? 0.0;
            $profile[] = [$this->house->point($cable->to->point), $feet, $this->grid->faceVolts($cable->to->point)];
        }

        return $profile;
    }
}
