<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\House;

/** Instruments held to a network, each with its own noise. None of them trips anything. */
final class Meters
{
    private const METER_OHMS = 10e6;
    private const LOW_Z_OHMS = 3e3;

    /** Volts to ground at which a non-contact tester glows. */
    private const GLOWS_VOLTS = 50.0;

    /** A lamp in a hundred is misread. */
    private const MISREAD = 0.01;

    /** @var array<int> how often each was read, by what it was held to */
    private array $read = [];

    public function __construct(
        private readonly House $house,
        private readonly Draws $draws,
    ) {
    }

    /** @return array{hn: bool, hg: bool, ng: bool} */
    public function tester(HouseGrid $grid, string $point): array
    {
        $lamps = PlugInTester::at($grid->solution(), ...$grid->faces[$point]);
        $count = $this->count("tester $point");
        $read = fn(string $lamp, bool $lit): bool => $this->draws->slips("misread $point $lamp", $count, self::MISREAD) ? ! $lit : $lit;

        return ['hn' => $read('hn', $lamps->hn), 'hg' => $read('hg', $lamps->hg), 'ng' => $read('ng', $lamps->ng)];
    }

    /** @return array{volts: float} */
    public function volts(HouseGrid $grid, Action $action): array
    {
        $ends = $this->conductors($grid, $action->at);
        [$one, $other] = match ($action->between) {
            'hg' => [$ends[0], $ends[2]],
            'ng' => [$ends[1], $ends[2]],
            default => [$ends[0], $ends[1]],
        };
        $true = $grid->solution()->with($one, $other, 1.0 / ($action->lowZ ? self::LOW_Z_OHMS : self::METER_OHMS))->between($one, $other);
        $about = 'volts ' . ($action->at->point ?? $action->at->cable) . " {$action->between}";

        return ['volts' => $this->draws->read($about, $this->count($about), $true, 0.005 * $true + 0.5)];
    }

    /** @return array{glows: bool} */
    public function nonContact(HouseGrid $grid, Action $action): array
    {
        $ends = $this->conductors($grid, $action->at);
        $conductor = match ($action->conductor) {
            Conductor::Hot => $ends[0],
            Conductor::Neutral => $ends[1],
            Conductor::Ground => $ends[2],
        };

        return ['glows' => $grid->solution()->between($conductor, Grid::REFERENCE) > self::GLOWS_VOLTS];
    }

    /** @return array<string, float> milliamperes: `ma` of all, and of each conductor */
    public function clamp(HouseGrid $grid, string $cable): array
    {
        $sum = [0.0, 0.0];
        $amps = [];
        foreach ($grid->cables[$cable] as $name => $strand) {
            if ($name !== 'ground') {
                [$re, $im] = $grid->through($strand);
                $sum = [$sum[0] + $re, $sum[1] + $im];
                $amps["{$name}_ma"] = hypot($re, $im);
            }
        }
        $count = $this->count("clamp $cable");
        $read = [];
        foreach (['ma' => hypot(...$sum), ...$amps] as $key => $true) {
            $read[$key] = $this->draws->read("clamp $cable $key", $count, 1000.0 * $true, 0.02 * 1000.0 * $true + 0.1);
        }

        return $read;
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
        foreach ($this->house->cables as $cable) {
            if ($cable->id === $at->cable) {
                $point = $at->atFrom ? $cable->fromPoint() : $cable->to->point;

                return $point === null ? Grid::REFERENCE : $grid->boxes[$point][4];
            }
        }

        return Grid::REFERENCE;
    }

    private function count(string $about): int
    {
        return $this->read[$about] = ($this->read[$about] ?? -1) + 1;
    }
}
