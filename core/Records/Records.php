<?php

declare(strict_types=1);

namespace Bouclier\Core\Records;

use Bouclier\Core\House\House;

/** The lists below `records` of the house file, entry by entry as they are there. */
final class Records
{
    /** @return list<\stdClass> */
    public static function of(House $house, string $list): array
    {
        $records = $house->sections['records'] ?? null;
        $entries = $records instanceof \stdClass ? ($records->{$list} ?? []) : [];

        return is_array($entries) ? array_values(array_filter($entries, fn(mixed $entry): bool => $entry instanceof \stdClass)) : [];
    }

    /** @param list<\stdClass> $entries */
    public static function with(House $house, string $list, array $entries): House
    {
        $records = $house->sections['records'] ?? null;
        $kept = $records instanceof \stdClass ? get_object_vars($records) : [];

        return $house->with(sections: [...$house->sections, 'records' => (object) [...$kept, $list => $entries]]);
    }

    public static function added(House $house, string $list, \stdClass $entry): House
    {
        $entries = self::of($house, $list);

        return self::with($house, $list, [...$entries, EntryId::given($entry, $entries)]);
    }
}
