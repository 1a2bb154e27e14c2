<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\CableOrigin;
use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\Entries\DeviceEventKind;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/**
 * Wiring that was known and is another now: a cable landed elsewhere, led elsewhere or taken out. It is noted at both its ends, for what
 * was shown before of what hangs on it holds no more. A landing that nobody had said is only recorded.
 */
final class Rewired
{
    public static function noted(House $before, House $after, Asker $by): House
    {
        if ($before->cables === $after->cables) {
            return $after;
        }
        $points = [];
        foreach ($before->cables as $was) {
            $is = $after->findCable($was->id);
            if ($is !== $was && ($is === null || self::isOther($was->from, $is->from) || self::isOther($was->to, $is->to))) {
                $points += array_flip([...self::ends($was), ...($is === null ? [] : self::ends($is))]);
            }
        }
        $noted = [];
        foreach (array_filter(array_map(strval(...), array_keys($points)), $after->hasPoint(...)) as $point) {
            $noted[] = new DeviceEvent(DeviceEventKind::Wired, point: $point, atTime: $by->now, who: $by->name);
        }

        return $after->withEntry(...$noted);
    }

    private static function isOther(CableOrigin|CableEnd $was, CableOrigin|CableEnd $is): bool
    {
        if ($was instanceof CableOrigin || $is instanceof CableOrigin) {
            return ($was->circuits ?? null) !== ($is->circuits ?? null);
        }
        $isLandedElsewhere = $was->land !== null && [$was->land->hot, $was->land->neutral] !== [$is->land?->hot, $is->land?->neutral];

        return $was->point !== $is->point || $isLandedElsewhere;
    }

    /** @return list<string> the points it lies between */
    private static function ends(Cable $cable): array
    {
        return $cable->from instanceof CableEnd ? [$cable->from->point, $cable->to->point] : [$cable->to->point];
    }
}
