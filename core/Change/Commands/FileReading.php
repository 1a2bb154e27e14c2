<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** What an instrument showed, at an outlet that is there, on a cable that comes to it. */
final readonly class FileReading implements Command
{
    public function __construct(private MeterReading $reading)
    {
    }

    public function on(House $house, Asker $by): House
    {
        $wrong = self::wrong($house, $this->reading->point ?? '', $this->reading->cable);

        return $wrong === null ? $house->withEntry($this->reading->stamped($by->name, $by->now)) : throw new BadHouseFile([$wrong]);
    }

    public function summary(House $house): null
    {
        return null;
    }

    private static function wrong(House $house, string $point, ?string $cable): ?FileFault
    {
        $found = $house->findCable($cable);

        return match (true) {
            ! $house->hasPoint($point) => new FileFault('/point', "there is no outlet \"$point\""),
            $cable !== null && $found === null => new FileFault('/cable', "there is no cable \"$cable\""),
            $found !== null && ! in_array($point, [$found->fromPoint(), $found->to->point], true) => new FileFault(
                '/cable',
                "the cable \"$cable\" does not come to {$house->point($point)->code}",
            ),
            default => null,
        };
    }
}
