<?php

declare(strict_types=1);

namespace Bouclier\Core\Records;

use Bouclier\Core\House\House;

/** The open items of a house, by their place in its file. What is in the file beside the fields known here is kept. */
final class OpenItems
{
    /** @return list<OpenItem> */
    public static function of(House $house): array
    {
        return array_map(OpenItem::fromData(...), self::data($house));
    }

    public static function added(House $house, OpenItem $item): House
    {
        return self::with($house, [...self::data($house), $item->toData()]);
    }

    /**
     * @param string $evidence what shows that it is done: a reading, a photograph's number, what was put in
     *
     * @throws \OutOfBoundsException when there is no such item, or it is closed already
     */
    public static function closed(House $house, int $index, string $evidence, string $by, string $at): House
    {
        $items = self::data($house);
        $item = $items[$index] ?? null;
        if ($item === null || ! OpenItem::fromData($item)->isOpen()) {
            throw new \OutOfBoundsException("No open item number $index");
        }
        $items[$index] = (object) [...get_object_vars($item), 'closed_at' => $at, 'closed_by' => $by, 'evidence' => $evidence];

        return self::with($house, $items);
    }

    /** @return list<\stdClass> */
    private static function data(House $house): array
    {
        $records = $house->sections['records'] ?? null;
        $items = $records instanceof \stdClass ? ($records->open_items ?? []) : [];

        return is_array($items) ? array_values(array_filter($items, fn(mixed $item): bool => $item instanceof \stdClass)) : [];
    }

    /** @param list<\stdClass> $items */
    private static function with(House $house, array $items): House
    {
        $records = $house->sections['records'] ?? null;
        $kept = $records instanceof \stdClass ? get_object_vars($records) : [];

        return $house->with(sections: [...$house->sections, 'records' => (object) [...$kept, 'open_items' => $items]]);
    }
}
