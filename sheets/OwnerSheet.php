<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Day;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Keep\DueDates;
use Bouclier\Core\Keep\DueKind;
use Bouclier\Core\Keep\LastTested;
use Bouclier\Core\Keep\OwnerGuide;

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

    /** @param array<bool> $due devices whose test is due, by id */
    private function __construct(private House $house, private array $due)
    {
        $this->guide = new OwnerGuide($house);
    }

    /**
     * @param string $today ISO 8601, a day
     *
     * @return OwnerPage
     */
    public static function of(House $house, string $today): array
    {
        $sheet = self::on($house, $today);
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

        return [
            'house' => $house->name,
            'rooms' => array_values($rooms),
            'devices' => new ById($devices),
            'due' => array_map(strval(...), array_keys(array_intersect_key($sheet->due, $devices))),
        ];
    }

    /** @return OwnerDevice|null null where it is not there any more */
    public static function device(House $house, string $device, string $today): ?array
    {
        $sheet = self::on($house, $today);

        return $house->hasPoint($device) || $house->hasCircuit($device) ? $sheet->shown($sheet->guide->device($device)) : null;
    }

    /** A test that falls on the first of next month is due today, where today is a day that not every month has. */
    public static function soon(string $today): string
    {
        return Day::after($today, 3);
    }

    private static function on(House $house, string $today): self
    {
        $due = [];
        foreach (DueDates::of($house, $today) as $one) {
            if ($one->kind === DueKind::Test && $one->on <= self::soon($today)) {
                $due[$one->of] = true;
            }
        }

        return new self($house, $due);
    }

    /** @return OwnerDevice */
    private function shown(Point|Circuit $device): array
    {
        $isTested = $device instanceof Point ? $device->device->feedsThrough() : $device->breaker()->isProtective();
        $last = $isTested ? LastTested::of($this->house, $device) : null;

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
            'testDue' => isset($this->due[$device->id]),
            'lastTested' => $last === null ? null : substr($last, 0, 10),
            'photo' => $this->guide->photo($device),
        ];
    }
}
