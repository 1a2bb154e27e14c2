<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Between;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\Spot;

/** Takes down what of an action's reading says that a place was live or dead. */
interface LiveSight
{
    /** @param bool|null $ng null where a lamp was not said */
    public function lamps(Spot $at, ?Half $half, bool $hn, ?bool $hg, ?bool $ng): void;

    public function volts(Spot $at, ?Half $half, ?Between $between, float $volts): void;

    public function glow(Spot $at): void;

    public function current(string $cable, float $milliamperes): void;

    /** @param list<string> $points seen live on a walk */
    public function live(array $points): void;
}
