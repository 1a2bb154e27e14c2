<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Keep\MonthlyTest;
use Bouclier\Core\Keep\OwnerGuide;
use Bouclier\Core\Keep\ProtectiveDevices;

/**
 * The page of the house for who lives there, and of one device. Nothing of it is a word of the trade, and nothing asks to open anything.
 *
 * @phpstan-type OwnerDevice array{
 *     id: string,
 *     // As it is marked.
 *     code: string,
 *     isBreaker: bool,
 *     where: string,
 *     reset: string,
 *     unplug: list<string>,
 *     goesDead: list<string>,
 *     // Whether it trips by itself and is tested.
 *     isTested: bool,
 *     testDue: bool,
 *     lastTested: string|null,
 *     photo: string|null,
 * }
 * @phpstan-type OwnerOutlet array{id: string, code: string, name: string, why: list<string>}
 * @phpstan-type OwnerRoom array{name: string, outlets: list<OwnerOutlet>}
 * @phpstan-type OwnerPage array{
 *     house: string,
 *     rooms: list<OwnerRoom>,
 *     // By id.
 *     devices: ById<OwnerDevice>,
 *     // The devices whose monthly test is due.
 *     due: list<string>,
 * }
 */
final readonly class OwnerSheet
{
    private OwnerGuide $guide;

    /** @var array<MonthlyTest> by device */
    private array $tests;

    /** @param string $today ISO 8601, a day */
    private function __construct(private House $house, private string $today)
    {
        $this->guide = new OwnerGuide($house);
        $this->tests = MonthlyTest::all($house);
    }

    /**
     * @param string $today ISO 8601, a day
     *
     * @return OwnerPage
     */
    public static function of(House $house, string $today): array
    {
        $sheet = new self($house, $today);
        $rooms = $devices = [];
        foreach ($sheet->guide->outlets() as $point) {
            $why = $sheet->guide->whyDead($point);
            $rooms[$point->area] ??= ['name' => $house->areaOf($point)->name, 'outlets' => []];
            $rooms[$point->area]['outlets'][] = [
                'id' => $point->id,
                'code' => $point->code,
                'name' => $point->name,
                'why' => $why,
            ];
            foreach ($why as $id) {
                $devices[$id] ??= $sheet->shown($sheet->guide->device($id));
            }
        }
        $due = [];
        // One nothing hangs on is tested, too.
        foreach (ProtectiveDevices::of($house) as $device) {
            $devices[$device->id] ??= $sheet->shown($device);
            $due = $devices[$device->id]['testDue'] ? [...$due, $device->id] : $due;
        }

        return [
            'house' => $house->name,
            'rooms' => array_values($rooms),
            'devices' => new ById($devices),
            'due' => $due,
        ];
    }

    /** @return OwnerDevice|null null where it is not there any more */
    public static function device(House $house, string $device, string $today): ?array
    {
        $sheet = new self($house, $today);

        return $house->hasPoint($device) || $house->hasCircuit($device) ? $sheet->shown($sheet->guide->device($device)) : null;
    }

    /** @return OwnerDevice */
    private function shown(Point|Circuit $device): array
    {
        $isTested = $device instanceof Point ? $device->device->feedsThrough() : $device->breaker()->isProtective();
        $test = $this->tests[ProtectiveDevices::id($this->house, $device->id)] ?? MonthlyTest::never();

        return [
            'id' => $device->id,
            'code' => $device instanceof Point ? $device->code : "{$device->slot} {$device->label}",
            'isBreaker' => $device instanceof Circuit,
            'where' => $this->guide->where($device),
            'reset' => $this->guide->reset($device),
            'unplug' => $this->guide->unplugFirst($device),
            'goesDead' => array_map(
                fn(Point $point): string => "{$point->code}, {$point->name}",
                $this->guide->beyond($device),
            ),
            'isTested' => $isTested,
            // One that failed is not tested again: it is replaced.
            'testDue' => $isTested && ! $test->hasFailed && $test->isDue($this->today),
            'lastTested' => $test->last === null ? null : substr($test->last, 0, 10),
            'photo' => $this->guide->photo($device),
        ];
    }
}
