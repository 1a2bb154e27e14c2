<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** What runs where, in amperes: the rated current of the appliances that are on. */
final class Load
{
    public static function atFace(House $house, Point $point): float
    {
        $amps = 0.0;
        foreach ($house->appliances as $appliance) {
            if ($appliance->at === $point->id && $appliance->isOn()) {
                $amps += $appliance->amps();
            }
        }

        return $amps;
    }

    /** What is fed through the LOAD side of a device: everything beyond it there, its own face not counted. */
    public static function beyondLoad(FeedMap $feeds, Point $device): float
    {
        $amps = 0.0;
        $next = array_filter($feeds->cablesOutOf($device), fn($cable): bool => $cable->landingAtStart()?->isLoad() === true);
        while (($cable = array_shift($next)) !== null) {
            $point = $feeds->house->point($cable->to->point);
            $amps += self::atFace($feeds->house, $point);
            array_push($next, ...$feeds->cablesOutOf($point));
        }

        return $amps;
    }
}
