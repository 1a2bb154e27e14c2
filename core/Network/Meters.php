<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;

/** Instruments as they read, each with its own noise. */
final class Meters
{
    private readonly Instruments $instruments;

    /** @var array<int> how often each was read, by what it was held to */
    private array $read = [];

    public function __construct(House $house, private readonly Draws $draws)
    {
        $this->instruments = new Instruments($house);
    }

    /** @return array{hn: bool, hg: bool, ng: bool} */
    public function tester(HouseGrid $grid, string $point): array
    {
        $lamps = $this->instruments->lamps($grid, $point);
        $count = $this->count("tester $point");
        $read = fn(string $lamp, bool $lit): bool => $this->draws->slips("misread $point $lamp", $count, Noise::MISREAD) ? ! $lit : $lit;

        return ['hn' => $read('hn', $lamps->hn), 'hg' => $read('hg', $lamps->hg), 'ng' => $read('ng', $lamps->ng)];
    }

    /** @return array{volts: float} */
    public function volts(HouseGrid $grid, Spot $at, Between $between, bool $lowZ): array
    {
        $true = $this->instruments->volts($grid, $at, $between, $lowZ);
        $about = 'volts ' . ($at->point ?? $at->cable) . " {$between->value}";
        $count = $this->count($about);
        if (! $lowZ && $this->instruments->floats($grid, $at, $between)) {
            $most = Arithmetic::log(Instruments::FLOATING_FACTOR);
            $factor = Arithmetic::exp($this->draws->between("floating $about", $count, -$most, $most, 0.0));
            // Exact, it is the figure of the model.
            $true = $factor === 1.0 ? $true : min(Instruments::FLOATING_VOLTS, $true * $factor);
        }

        return ['volts' => $this->draws->read($about, $count, $true, Noise::volts($true))];
    }

    /** @return array{glows: bool} */
    public function nonContact(HouseGrid $grid, Spot $at, Conductor $of): array
    {
        return ['glows' => $this->instruments->glows($grid, $at, $of)];
    }

    /** @return array<string, float> milliamperes: `ma` of all, and of each conductor */
    public function clamp(HouseGrid $grid, string $cable): array
    {
        $count = $this->count("clamp $cable");
        $read = [];
        foreach ($this->instruments->clamp($grid, $cable) as $key => $true) {
            $read[$key] = $this->draws->read("clamp $cable $key", $count, $true, Noise::milliamperes($true));
        }

        return $read;
    }

    private function count(string $about): int
    {
        return $this->read[$about] = ($this->read[$about] ?? -1) + 1;
    }
}
