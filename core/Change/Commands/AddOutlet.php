<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\House;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\Taps;

/** An outlet added by what it serves: what is usual there, confirmed or placed. */
final readonly class AddOutlet implements Told
{
    public function __construct(
        private string $area,
        private Serves $serves,
        private ?PointKind $kind,
        private ?Device $device,
        private ?float $amps,
        private ?Distance $distance,
    ) {
    }

    public static function told(Body $body): self
    {
        $ft = $body->maybeNumber('ft', 0, 100);

        return new self(
            $body->id('area'),
            $body->choice('serves', Serves::class),
            $body->maybeChoice('kind', PointKind::class),
            $body->maybeChoice('device', Device::class),
            $body->maybeNumber('amps', 1, 100),
            $ft === null ? null : new Distance($body->id('fixture'), $ft),
        );
    }

    public function on(House $house, Asker $by): House
    {
        return Taps::outlet(
            $house,
            $house->area($this->area),
            $this->serves,
            $this->kind,
            $this->device,
            $this->amps,
            $this->distance,
        );
    }

    public function summary(House $house): null
    {
        return null;
    }
}
