<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\Entries\DeviceTest;
use Bouclier\Core\House\Entries\TestButton;
use Bouclier\Core\House\House;
use Bouclier\Core\House\NotThere;
use Bouclier\Core\Live\Asker;

/** The monthly test by who lives there: it tripped and came back, or it did not. */
final readonly class OwnerTested implements Command
{
    /** Who it was, in the records. */
    public const WHO = 'who lives there';

    /**
     * @param string $device a point or a circuit
     * @param bool $tripped whether TEST switched it off
     * @param bool $cameBack whether it could be reset
     */
    public function __construct(private string $device, private bool $tripped, private bool $cameBack)
    {
    }

    public function on(House $house, Asker $by): House
    {
        if (! $house->hasPoint($this->device) && ! $house->hasCircuit($this->device)) {
            throw new NotThere('device', $this->device);
        }

        return $house->withEntry(new DeviceTest(
            circuit: $house->hasCircuit($this->device) ? $this->device : null,
            point: $house->hasPoint($this->device) ? $this->device : null,
            by: TestButton::Own,
            tripped: $this->tripped,
            resetHeld: $this->tripped ? $this->cameBack : null,
            atTime: $by->now,
            who: self::WHO,
        ));
    }

    public function summary(House $house): string
    {
        return 'The monthly test';
    }
}
