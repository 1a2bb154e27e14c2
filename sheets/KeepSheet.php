<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\Keep\DeviceLife;
use Bouclier\Core\Keep\ReplacementRule;

/**
 * What a house needs after the work: its devices with their age and tests, and what was left open.
 *
 * @phpstan-type DeviceKept array{
 *     id: string,
 *     point: string|null,
 *     spoken: string,
 *     name: string,
 *     kind: string,
 *     age: string|null,
 *     // What it asks for, the most urgent first; and what is known of it.
 *     asks: list<string>,
 *     selfTest: bool|null,
 *     sooner: string|null,
 *     lastTested: string|null,
 *     trips: int,
 *     times: list<float>,
 *     events: list<array{what: string, at: string|null, who: string|null, text: string|null}>,
 * }
 * @phpstan-type ItemKept array{text: string, code: string|null, due: string|null, interim: string|null, overdue: bool}
 * @phpstan-type KeepPage array{devices: list<DeviceKept>, items: list<ItemKept>}
 */
final class KeepSheet
{
    /**
     * @param string $today ISO 8601, a day
     *
     * @return KeepPage
     */
    public static function of(House $house, string $today, ReplacementRule $rule): array
    {
        $lives = DeviceLife::all($house, $rule);
        usort($lives, fn(DeviceLife $one, DeviceLife $other): int => DeviceLife::first($one, $other, $today));
        $items = array_values(array_filter($house->entries->all(OpenItem::class), fn(OpenItem $item): bool => $item->isOpen()));

        return [
            'devices' => array_map(fn(DeviceLife $life): array => self::device($life, $today), $lives),
            'items' => array_map(fn(OpenItem $item): array => [
                'text' => $item->text,
                'code' => $item->point !== null && $house->hasPoint($item->point) ? $house->point($item->point)->code : null,
                'due' => $item->due,
                'interim' => $item->interim,
                'overdue' => $item->due !== null && $item->due < $today,
            ], $items),
        ];
    }

    /** @return DeviceKept */
    private static function device(DeviceLife $life, string $today): array
    {
        $device = $life->device;

        return [
            'id' => $device->id,
            'point' => $device instanceof Point ? $device->id : null,
            'spoken' => (new Guard($device))->spoken(),
            'name' => $device instanceof Point ? $device->name : $device->label,
            'kind' => $device instanceof Point ? $device->device->label() : $device->breaker()->label(),
            'age' => $life->age?->yearsOn($today),
            'asks' => $life->asks($today),
            'selfTest' => $device->selfTest,
            'sooner' => $life->sooner,
            'lastTested' => $life->test->last === null ? null : substr($life->test->last, 0, 10),
            'trips' => $life->trips(),
            'times' => $life->times,
            'events' => array_map(fn(DeviceEvent $event): array => [
                'what' => $event->event->label(),
                'at' => $event->atTime,
                'who' => $event->who,
                'text' => $event->text,
            ], $life->events),
        ];
    }
}
