<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Elsewhere;
use Bouclier\Core\Actions\LeakageKnown;
use Bouclier\Core\Actions\Situation;
use Bouclier\Core\CodeBook\Checks\LeakageBudget;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\Network\Condition;

/** What to move where, so that a device whose honest leakages add up holds again, by the model; and the margin that leaves. */
final readonly class Relief
{
    /** Appliances that are moved at most: beyond that a device of their own is less work. */
    private const MOST = 4;

    /**
     * @param string $device that trips
     * @param list<array{Appliance, Point}> $moves each appliance, and the outlet on another device it goes to
     * @param float $beforeMa what the device sees now, and once they are moved
     */
    private function __construct(
        public string $device,
        public array $moves,
        public float $beforeMa,
        public float $afterMa,
    ) {
    }

    /**
     * @param string $device that trips
     * @param LeakageKnown $known what was found of what appliances leak
     *
     * @return self|null null where nothing can be moved that would help
     */
    public static function of(Foresight $foresight, string $device, LeakageKnown $known): ?self
    {
        $house = $foresight->house;
        $now = new Situation($house, $foresight->feeds, Condition::of($house));
        $budget = LeakageBudget::for($house);
        $condition = Condition::of($house);
        $before = $ma = self::sees($foresight, $device, $condition, $known);
        $moves = [];
        $left = array_filter($house->appliances, fn(Appliance $one): bool => $one->at !== null && $now->hasPlug($one));
        while ($ma > $budget && count($moves) < self::MOST) {
            $best = null;
            foreach ($left as $number => $appliance) {
                $to = Elsewhere::of($foresight->feeds, (string) $appliance->at);
                if ($to === null) {
                    continue;
                }
                $moved = clone $condition;
                $moved->plugged[$appliance->id] = $to->id;
                $then = self::sees($foresight, $device, $moved, $known);
                if ($then < ($best[0] ?? $ma) && self::holdsThere($foresight, $to, $moved, $known, $budget)) {
                    $best = [$then, $number, $to, $moved];
                }
            }
            if ($best === null) {
                break;
            }
            [$ma, $number, $to, $condition] = $best;
            $moves[] = [$left[$number], $to];
            unset($left[$number]);
        }

        return $moves === [] ? null : new self($device, $moves, $before, $ma);
    }

    private static function holdsThere(Foresight $foresight, Point $to, Condition $moved, LeakageKnown $known, float $budget): bool
    {
        foreach ($foresight->feeds->guards($to, Protection::Gfci) as $guard) {
            if (self::sees($foresight, $guard->id(), $moved, $known) > $budget) {
                return false;
            }
        }

        return true;
    }

    private static function sees(Foresight $foresight, string $device, Condition $condition, LeakageKnown $known): float
    {
        $grid = $foresight->build($condition);

        return $foresight->leakages->supposed($device, $grid->residualPhasor($device), $grid, $condition, $known)->ma;
    }
}
