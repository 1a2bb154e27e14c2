<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;

/** What instruments held to a network would show if they had no noise. None of them trips anything. */
final readonly class Instruments
{
    private const METER_OHMS = 10e6;
    private const LOW_Z_OHMS = 3e3;

    /** Ohms of what it is held to, from which on a high-impedance meter reads anything. */
    private const FLOATS_OHMS = 100e3;

    /** Most volts it then shows. */
    public const FLOATING_VOLTS = 90.0;

    /** Times the figure of the model it may then show: this much less or more. */
    public const FLOATING_FACTOR = 5.0;

    /** Volts to ground at which a non-contact tester glows. */
    private const GLOWS_VOLTS = 50.0;

    public function __construct(private House $house)
    {
    }

    public function lamps(HouseGrid $grid, string $point): Lamps
    {
        return PlugInTester::at($grid->solution(), ...$grid->faces[$point]);
    }

    public function volts(HouseGrid $grid, Spot $at, Between $between, bool $lowZ): float
    {
        [$one, $other] = $this->leads($grid, $at, $between);

        return $grid->solution()->with($one, $other, 1.0 / ($lowZ ? self::LOW_Z_OHMS : self::METER_OHMS))->between($one, $other);
    }

    /** Whether a high-impedance meter there shows anything, and nothing certain: what it is held to floats. */
    public function floats(HouseGrid $grid, Spot $at, Between $between): bool
    {
        return $grid->solution()->ohmsBetween(...$this->leads($grid, $at, $between)) > self::FLOATS_OHMS;
    }

    /**
     * @return array{hn: float|null, hg: float|null, ng: float|null} volts a meter shows at the slots of a point; null between two that
     *     float, where it shows anything
     */
    public function atSlots(HouseGrid $grid, string $point): array
    {
        $shown = function (Between $between) use ($grid, $point): ?float {
            $at = new Spot(point: $point);

            return $this->floats($grid, $at, $between) ? null : $grid->solution()->between(...$this->leads($grid, $at, $between));
        };

        return [
            'hn' => $shown(Between::HotNeutral),
            'hg' => $shown(Between::HotGround),
            'ng' => $shown(Between::NeutralGround),
        ];
    }

    /** @return array{int, int} */
    private function leads(HouseGrid $grid, Spot $at, Between $between): array
    {
        [$hot, $neutral, $ground] = $this->conductors($grid, $at);

        return match ($between) {
            Between::HotGround => [$hot, $ground],
            Between::NeutralGround => [$neutral, $ground],
            default => [$hot, $neutral],
        };
    }

    public function glows(HouseGrid $grid, Spot $at, Conductor $of): bool
    {
        $ends = $this->conductors($grid, $at);
        $conductor = match ($of) {
            Conductor::Hot => $ends[0],
            Conductor::Neutral => $ends[1],
            Conductor::Ground => $ends[2],
        };

        return $grid->solution()->between($conductor, Grid::REFERENCE) > self::GLOWS_VOLTS;
    }

    /** @return array<string, float> milliamperes: `ma` of all current-carrying conductors together, and of each */
    public function clamp(HouseGrid $grid, string $cable): array
    {
        return array_map(fn(array $amperes): float => 1000.0 * Arithmetic::magnitude(...$amperes), $this->through($grid, $cable));
    }

    /** @return array<string, array{float, float}> amperes in phase with leg a and across, by what the clamp reads */
    public function through(HouseGrid $grid, string $cable): array
    {
        $sum = [0.0, 0.0];
        $each = [];
        foreach ($grid->cables[$cable] as $name => $strand) {
            if ($name !== 'ground') {
                [$re, $im] = $grid->through($strand);
                $sum = [$sum[0] + $re, $sum[1] + $im];
                $each["{$name}_ma"] = [$re, $im];
            }
        }

        return ['ma' => $sum, ...$each];
    }

    /**
     * A cable by itself, both ends lifted.
     *
     * @param list<ElectricalFault> $faults
     *
     * @return array{hg_ohms: float|null, ng_ohms: float|null} null: over range
     */
    public static function insulation(array $faults, string $cable): array
    {
        $siemens = ['hg_ohms' => 0.0, 'ng_ohms' => 0.0];
        foreach ($faults as $fault) {
            $resistor = $fault->resistor();
            if ($resistor !== null && $resistor->other === Conductor::Ground && $fault->at->cable === $cable) {
                $siemens[$resistor->one === Conductor::Hot ? 'hg_ohms' : 'ng_ohms'] += 1.0 / $resistor->ohms;
            }
        }

        return array_map(fn(float $one): ?float => $one > 0.0 ? 1.0 / $one : null, $siemens);
    }

    /** @return array{int, int, int} hot, neutral and ground: the slots of a point, or the conductors where a cable ends */
    private function conductors(HouseGrid $grid, Spot $at): array
    {
        if ($at->cable === null) {
            return $grid->faces[$at->point ?? ''];
        }
        $strands = $grid->cables[$at->cable];
        $end = fn(Strand $strand): int => $at->atFrom ? $strand->terminal : $strand->far;
        $ground = $strands['ground'] ?? null;

        return [$end($strands['hot']), $end($strands['neutral']), $ground === null ? $this->boxGround($grid, $at) : $end($ground)];
    }

    private function boxGround(HouseGrid $grid, Spot $at): int
    {
        $cable = $this->house->findCable($at->cable);
        $point = $at->atFrom ? $cable?->fromPoint() : $cable?->to->point;

        return $point === null ? Grid::REFERENCE : $grid->boxes[$point][4];
    }
}
