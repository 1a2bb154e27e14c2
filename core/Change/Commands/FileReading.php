<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Entries\LampsRead;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Terminals;
use Bouclier\Core\Live\Asker;

/** What an instrument showed, at an outlet that is there, on a cable that comes to it. */
final readonly class FileReading implements Told
{
    public function __construct(private MeterReading $reading)
    {
    }

    public static function told(Body $body): self
    {
        $ma = $body->maybeNumber('ma', 0, 200_000);
        $lamps = $body->has('lamps') ? $body->part('lamps') : null;
        $reading = new MeterReading(
            point: $body->id('point'),
            cable: $ma === null ? null : $body->id('cable'),
            half: $body->maybeChoice('half', Half::class),
            instrument: $body->maybeText('instrument', 120),
            terminals: $body->maybeChoice('terminals', Terminals::class),
            between: $body->maybeChoice('between', Between::class),
            volts: $body->maybeNumber('volts', 0, 1000),
            lit: $body->maybeFlag('lit'),
            glows: $body->maybeFlag('glows'),
            lamps: $lamps === null ? null : new LampsRead($lamps->flag('hn'), $lamps->flag('hg'), $lamps->flag('ng')),
            ma: $ma,
        );

        return ($reading->lamps ?? $reading->volts ?? $reading->ma ?? $reading->lit ?? $reading->glows) === null
            ? $body->wrong('lamps', 'what was read is missing: lamps, volts, a current, a light or a glow')
            : new self($reading);
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
