<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Entries\DeviceTest;
use Bouclier\Core\House\Entries\TestButton;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** A protective device tested by a button. */
final readonly class TestDevice implements Told
{
    /** @param float|null $tripMs milliseconds it took */
    public function __construct(private string $point, private TestButton $button, private bool $isTripped, private ?float $tripMs = null)
    {
    }

    public static function told(Body $body): self
    {
        return new self(
            $body->id('point'),
            $body->choice('by', TestButton::class),
            $body->flag('tripped'),
            $body->maybeNumber('trip_ms', 1, 100_000),
        );
    }

    public function on(House $house, Asker $by): House
    {
        return $house->withEntry(new DeviceTest(
            point: $house->point($this->point)->id,
            by: $this->button,
            tripped: $this->isTripped,
            tripMs: $this->tripMs,
            atTime: $by->now,
            who: $by->name,
        ));
    }

    public function summary(House $house): string
    {
        return 'A device tested';
    }
}
