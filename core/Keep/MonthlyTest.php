<?php

declare(strict_types=1);

namespace Bouclier\Core\Keep;

use Bouclier\Core\Feed\Observed\DeviceChanges;
use Bouclier\Core\Feed\Observed\DeviceTested;
use Bouclier\Core\House\Day;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;

/** The monthly test of a protective device, as makers ask for it. */
final readonly class MonthlyTest
{
    /** Every month has it: a rule that asks for the 31st leaves out every other month (RFC 5545, 3.3.10). */
    private const LAST_DAY = 28;

    /**
     * @param string|null $last ISO 8601, when it was tested and tripped; null where it never was, or not since it was put in
     * @param bool $hasFailed whether its own TEST, the last time, opened nothing or did not come back
     */
    private function __construct(public ?string $last, public bool $hasFailed)
    {
    }

    /** @return array<self> by {@see ProtectiveDevices::id()}; none of a device nobody has tested: {@see self::never()} */
    public static function all(House $house): array
    {
        $changed = DeviceChanges::in($house);
        $last = $failed = [];
        $tested = function (string $device, ?string $time) use (&$last, $changed, $house): void {
            $at = ProtectiveDevices::id($house, $device);
            $seconds = Moment::seconds($time) ?? 0;
            if ($seconds >= ($changed[$at] ?? 0) && $seconds >= (Moment::seconds($last[$at] ?? null) ?? 0)) {
                $last[$at] = $time;
            }
        };
        foreach (DeviceTested::last($house) as $test) {
            if ($test->opened === true) {
                $tested($test->at, $test->atTime);
            }
            if ($test->opened === false || $test->held === false) {
                $failed[ProtectiveDevices::id($house, $test->at)] = true;
            }
        }
        foreach ($house->entries->all(Seen::class) as $seen) {
            if ($seen->kind === SeenKind::Trip && $seen->at !== null && ($seen->dead ?? []) !== []) {
                $tested($seen->at, $seen->atTime);
            }
        }
        $all = [];
        foreach ([...array_keys($last), ...array_keys($failed)] as $at) {
            $all[$at] = new self($last[$at] ?? null, isset($failed[$at]));
        }

        return $all;
    }

    /** @return array<self> of each protective device of a house, by its id */
    public static function ofDevices(House $house): array
    {
        $tests = self::all($house);
        $each = [];
        foreach (ProtectiveDevices::of($house) as $device) {
            $each[$device->id] = $tests[$device->id] ?? self::never();
        }

        return $each;
    }

    public static function never(): self
    {
        return new self(null, false);
    }

    /** @param string $today ISO 8601, a day */
    public function isDue(string $today): bool
    {
        return $this->last === null || Day::monthAfter(substr($this->last, 0, 10)) <= $today;
    }

    /** The day it is done next, today at the earliest, and one that every month has: ISO 8601. */
    public function nextOn(string $today): string
    {
        $next = $this->isDue($today) ? $today : Day::monthAfter(substr($this->last ?? $today, 0, 10));

        return (int) substr($next, 8, 2) <= self::LAST_DAY ? $next : Day::monthAfter(substr($next, 0, 8) . '01');
    }
}
