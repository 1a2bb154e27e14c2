<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\Entries\EntryList;

/** The lists of entries in a house file as it is decoded, by the way to them: `tests`, `records/readings`. */
final class EntryLists
{
    /** @return list<string> those the file has, be they empty */
    public static function in(\stdClass $data): array
    {
        $lists = array_filter(EntryList::cases(), fn(EntryList $list): bool => is_array(self::said($data, $list)));

        return array_values(array_map(fn(EntryList $list): string => $list->value, $lists));
    }

    public static function isOne(string $list): bool
    {
        return EntryList::tryFrom($list) !== null;
    }

    /** @return list<\stdClass> */
    public static function of(\stdClass $data, string $list): array
    {
        $found = self::said($data, EntryList::from($list));

        return is_array($found) ? array_values(array_filter($found, fn(mixed $entry): bool => $entry instanceof \stdClass)) : [];
    }

    /** @param list<\stdClass> $entries */
    public static function put(\stdClass $data, string $list, array $entries): void
    {
        $list = EntryList::from($list);
        if (! $list->isRecord()) {
            $data->{$list->key()} = $entries;

            return;
        }
        $records = ($data->records ?? null) instanceof \stdClass ? clone $data->records : new \stdClass();
        $records->{$list->key()} = $entries;
        $data->records = $records;
    }

    /** The same with every list empty: what is said of the house is that it has one. */
    public static function emptied(\stdClass $data): \stdClass
    {
        $emptied = clone $data;
        foreach (self::in($data) as $list) {
            self::put($emptied, $list, []);
        }

        return $emptied;
    }

    private static function said(\stdClass $data, EntryList $list): mixed
    {
        $holder = $list->isRecord() ? $data->records ?? null : $data;

        return $holder instanceof \stdClass ? $holder->{$list->key()} ?? null : null;
    }
}
