<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\LiveSight;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Tripping;

/** Which outlets were last seen live or dead in a call, and at which cables LINE was ever read live. */
final class SeenLive implements LiveSight
{
    /** @var array<bool> by id of the point */
    public array $points = [];

    /** @var array<bool> cables that were read live where they end, by id */
    public array $ends = [];

    public function lamps(Spot $at, ?Half $half, bool $hn, ?bool $hg, ?bool $ng): void
    {
        $this->sees($at, $hn);
    }

    public function volts(Spot $at, ?Half $half, ?Between $between, float $volts): void
    {
        if ($between === null || $between === Between::HotNeutral) {
            $this->sees($at, $volts >= Tripping::LIVE_VOLTS);
        }
    }

    public function glow(Spot $at): void
    {
    }

    public function current(string $cable, float $milliamperes): void
    {
    }

    public function live(array $points): void
    {
        $this->points = array_fill_keys($points, true) + $this->points;
    }

    /** @param list<string> $points found dead on a walk */
    public function dead(array $points): void
    {
        $this->points = array_fill_keys($points, false) + $this->points;
    }

    private function sees(Spot $at, bool $isLive): void
    {
        if ($at->point !== null) {
            $this->points[$at->point] = $isLive;
        } elseif ($at->cable !== null && ! $at->atFrom && $isLive) {
            $this->ends[$at->cable] = true;
        }
    }
}
