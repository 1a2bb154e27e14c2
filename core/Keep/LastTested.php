<?php

declare(strict_types=1);

namespace Bouclier\Core\Keep;

use Bouclier\Core\Feed\Observed\DeviceTested;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\Point;

/** When a protective device was last tested and tripped. */
final class LastTested
{
    /** @return string|null ISO 8601, null where it never was, or not since it was put in */
    public static function of(House $house, Point|Circuit $device): ?string
    {
        $times = [];
        foreach (DeviceTested::last($house) as $test) {
            if ($test->at === $device->id && $test->opened === true) {
                $times[] = $test->atTime;
            }
        }
        foreach ($house->entries->all(Seen::class) as $seen) {
            if ($seen->kind === SeenKind::Trip && $seen->at === $device->id && ($seen->dead ?? []) !== []) {
                $times[] = $seen->atTime;
            }
        }
        $last = null;
        foreach ($times as $time) {
            $last = (Moment::seconds($time) ?? 0) > (Moment::seconds($last) ?? 0) ? $time : $last;
        }

        return $last;
    }
}
