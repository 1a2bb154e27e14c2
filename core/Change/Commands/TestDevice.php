<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Records\Records;

/** A protective device tested by a button. */
final readonly class TestDevice implements Command
{
    /**
     * @param string $button `device_button` or `tester_button`
     * @param float|null $tripMs milliseconds it took
     */
    public function __construct(private string $point, private string $button, private bool $isTripped, private ?float $tripMs = null)
    {
    }

    public function on(House $house, Asker $by): House
    {
        $test = [
            'at_time' => $by->now,
            'who' => $by->name,
            'point' => $house->point($this->point)->id,
            'by' => $this->button,
            'tripped' => $this->isTripped,
        ];

        return Records::added($house, 'device_tests', (object) ($this->tripMs === null ? $test : [...$test, 'trip_ms' => $this->tripMs]));
    }

    public function summary(House $house): string
    {
        return 'A device tested';
    }
}
