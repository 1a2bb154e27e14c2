<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\Entries\DeviceTest;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\TestButton;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;

/** One press of a button that should open a protective device, and what came of it. */
final readonly class DeviceTested
{
    /**
     * @param string $at where it was pressed: a point or a circuit
     * @param bool|null $opened whether something opened; null where only how long it took was said
     * @param bool|null $held whether it could be reset
     * @param float|null $ms how long it took, in milliseconds
     */
    private function __construct(
        public string $at,
        public TestButton $by,
        public ?bool $opened,
        public ?bool $held = null,
        public ?float $ms = null,
        public ?string $atTime = null,
    ) {
    }

    /**
     * The last press of each button at each place. A test before its device was changed speaks of the device that was.
     *
     * @return list<self>
     */
    public static function last(House $house): array
    {
        $last = [];
        foreach (self::ofDevicesThere($house) as $test) {
            $key = "{$test->by->value} {$test->at}";
            $seconds = Moment::seconds($test->atTime);
            $before = isset($last[$key]) ? Moment::seconds($last[$key]->atTime) : null;
            if ($seconds === null || $before === null || $seconds >= $before) {
                $last[$key] = $test;
            }
        }

        return array_values($last);
    }

    /** @return list<float> milliseconds a device took, each time it was timed since it was put in, in the order they were filed */
    public static function times(House $house, string $at): array
    {
        $times = array_map(
            fn(self $test): ?float => $test->at === $at && $test->opened !== false ? $test->ms : null,
            self::ofDevicesThere($house),
        );

        return array_values(array_filter($times, is_float(...)));
    }

    /** @return list<self> all of them, without those of devices that were changed since */
    private static function ofDevicesThere(House $house): array
    {
        $changed = DeviceChanges::in($house);
        $isThere = function (self $test) use ($changed): bool {
            $seconds = Moment::seconds($test->atTime);

            return $seconds === null || $seconds >= ($changed[$test->at] ?? 0);
        };

        return array_values(array_filter([...self::filed($house), ...self::ofCall($house)], $isThere));
    }

    /** @return list<string> devices and breakers whose own TEST opens nothing */
    public static function failed(House $house): array
    {
        $failed = array_filter(self::last($house), fn(self $test): bool => $test->by === TestButton::Own && $test->opened === false);

        return array_values(array_map(fn(self $test): string => $test->at, $failed));
    }

    /** @return list<self> those filed with the records of the house */
    private static function filed(House $house): array
    {
        $all = [];
        foreach ($house->entries->all(DeviceTest::class) as $test) {
            $at = $test->point ?? $test->circuit;
            if ($at !== null) {
                $by = $test->by ?? TestButton::Own;
                $all[] = new self($at, $by, $test->tripped, $test->resetHeld, $test->tripMs, $test->atTime);
            }
        }
        foreach ($house->entries->all(MeterReading::class) as $reading) {
            if ($reading->tripMs !== null && ($reading->point ?? $reading->circuit) !== null) {
                $at = $reading->point ?? $reading->circuit;
                $all[] = new self($at, TestButton::Tester, null, null, $reading->tripMs, $reading->atTime);
            }
        }

        return $all;
    }

    /** @return list<self> those of the call that is open; what has no power cannot open, and is none */
    private static function ofCall(House $house): array
    {
        $all = [];
        foreach (CallTest::open($house) as $test) {
            $tripped = $test->reading->listed('tripped');
            if ($test->at === null || $tripped === null || $test->mayHaveBeenDead($test->at)) {
                continue;
            }
            if ($test->do === 'press_test') {
                $all[] = new self($test->at, TestButton::Own, in_array($test->at, $tripped, true), atTime: $test->atTime);
            } elseif ($test->do === 'tester_button') {
                $ms = $test->reading->number('after_ms');
                $all[] = new self($test->at, TestButton::Tester, $tripped !== [], null, $ms, $test->atTime);
            }
        }

        return $all;
    }
}
