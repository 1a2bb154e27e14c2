<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\Entries\DeviceEventKind;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** Another device was put in at an outlet: what was known of the one before holds of it no more, and the round of tests begins. */
final readonly class ReplaceDevice implements Told
{
    /** @param Device|null $device null for one of the same kind */
    public function __construct(private string $point, private ?Device $device = null)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->id('point'), $body->maybeChoice('device', Device::class));
    }

    public function on(House $house, Asker $by): House
    {
        $point = $house->point($this->point);
        $new = $point->withNewDevice($this->device ?? $point->device)->with(installedOn: $by->day());

        return $house->withPoint($new)->withEntry(
            new DeviceEvent(DeviceEventKind::Replaced, point: $point->id, atTime: $by->now, who: $by->name),
        );
    }

    public function summary(House $house): string
    {
        return "{$house->point($this->point)->code}: another device";
    }
}
