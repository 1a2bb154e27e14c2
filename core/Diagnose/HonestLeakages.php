<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\LeakageKnown;
use Bouclier\Core\Actions\Supposed;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LeakageLibrary;
use Bouclier\Core\House\LeakageRange;
use Bouclier\Core\House\Protection;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\HouseGrid;

/**
 * What appliances leak in order is known within the range of their class alone. The network is solved with the middle of each; what each
 * may leak more or less goes out through every sensor and every cable on its way, and back by the ground, so that its share in what is
 * read there is known without solving anew.
 */
final class HonestLeakages
{
    /** Volts at which leakages are said. */
    private const VOLTS = 120.0;

    /** Milliamperes below which what adds up has no direction. */
    private const NOTHING = 1e-6;

    /** @var list<Appliance> those of which it is not known just what they leak */
    private array $unsure = [];

    public readonly LeakageKnown $before;

    /** @var array<array<bool>> devices and cables a leakage at a point goes through, by id of the point */
    private array $ways = [];

    public function __construct(House $house, private readonly FeedMap $feeds)
    {
        $library = LeakageLibrary::of($house);
        $off = $shared = [];
        foreach ($house->appliances as $appliance) {
            $range = LeakageRange::of($appliance, $library);
            if (! $range->isSure()) {
                $this->unsure[] = $appliance;
                array_push($off, $range->resistiveOff, $range->capacitiveOff);
                array_push($shared, $range->shared, $range->shared);
            }
        }
        $this->before = LeakageKnown::of($off, $shared);
    }

    /**
     * @param string $way a device, a breaker or a cable
     * @param array{float, float} $amperes what the network has there
     */
    public function supposed(string $way, array $amperes, HouseGrid $grid, Condition $condition, LeakageKnown $known): Supposed
    {
        $shares = $this->shares($way, $grid, $condition);
        [$re, $im] = [1000.0 * $amperes[0], 1000.0 * $amperes[1]];
        foreach ($shares as $number => [$shareRe, $shareIm]) {
            [$inPhase, $across] = [$known->more(2 * $number), $known->more(2 * $number + 1)];
            $re += $shareRe * $inPhase - $shareIm * $across;
            $im += $shareIm * $inPhase + $shareRe * $across;
        }
        $ma = Arithmetic::magnitude($re, $im);
        if ($shares === []) {
            return new Supposed($ma);
        }
        // What lies along the sum makes it more; what lies across it turns it.
        [$alongRe, $alongIm] = $ma > self::NOTHING ? [$re / $ma, $im / $ma] : [1.0, 0.0];
        $along = [];
        foreach ($shares as $number => [$shareRe, $shareIm]) {
            $along[2 * $number] = $alongRe * $shareRe + $alongIm * $shareIm;
            $along[2 * $number + 1] = $alongIm * $shareRe - $alongRe * $shareIm;
        }

        return new Supposed($ma, sqrt($known->variance($along)), $along);
    }

    /** @return array<int, array{float, float}> mA through a sensor or a cable for each mA at 120 V, by number of what leaks it */
    private function shares(string $way, HouseGrid $grid, Condition $condition): array
    {
        $shares = [];
        foreach ($this->unsure as $number => $appliance) {
            $at = $condition->plugged[$appliance->id] ?? null;
            if ($at === null || ! isset($this->wayTo($at)[$way])) {
                continue;
            }
            [$hot, , $ground] = $grid->faces[$at];
            [$hotRe, $hotIm] = $grid->solution()->at($hot);
            [$groundRe, $groundIm] = $grid->solution()->at($ground);
            $shares[$number] = [($hotRe - $groundRe) / self::VOLTS, ($hotIm - $groundIm) / self::VOLTS];
        }

        return $shares;
    }

    /** @return array<bool> by id of a device, a breaker or a cable */
    private function wayTo(string $point): array
    {
        if (! isset($this->ways[$point])) {
            $at = $this->feeds->house->point($point);
            $way = [];
            foreach ([Protection::Gfci, Protection::Afci] as $function) {
                foreach ($this->feeds->guards($at, $function) as $guard) {
                    $way[$guard->id()] = true;
                }
            }
            foreach ($this->feeds->runTo($at) as $cable) {
                $way[$cable->id] = true;
            }
            $this->ways[$point] = $way;
        }

        return $this->ways[$point];
    }
}
