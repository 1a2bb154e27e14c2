<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;

/** What instruments showed, as `records.readings` of the house file: filed only where there is something to read. */
final class Readings
{
    /** @throws BadHouseFile when it names an outlet or a cable that is not there, or a cable that does not come to that outlet */
    public static function added(House $house, MeterReading $reading): House
    {
        $point = $reading->point ?? '';
        $cable = $reading->cable;
        if (! $house->hasPoint($point)) {
            throw new BadHouseFile([new FileFault('/point', "there is no outlet \"$point\"")]);
        }
        $found = $house->findCable($cable);
        if ($cable !== null && $found === null) {
            throw new BadHouseFile([new FileFault('/cable', "there is no cable \"$cable\"")]);
        }
        if ($found !== null && ! in_array($point, [$found->fromPoint(), $found->to->point], true)) {
            throw new BadHouseFile([new FileFault('/cable', "the cable \"$cable\" does not come to {$house->point($point)->code}")]);
        }

        return $house->withEntry($reading);
    }
}
