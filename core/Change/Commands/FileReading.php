<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\Exchange\Readings;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** What an instrument showed. */
final readonly class FileReading implements Command
{
    public function __construct(private MeterReading $reading)
    {
    }

    public function on(House $house, Asker $by): House
    {
        return Readings::added($house, $this->reading);
    }

    public function summary(House $house): null
    {
        return null;
    }
}
