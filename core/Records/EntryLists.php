<?php

declare(strict_types=1);

namespace Bouclier\Core\Records;

/**
 * Lists of a house file that are added to and hardly ever changed: observations, tests of the call, and each list of records. Here they go
 * by one name, the way to them in the file: `tests`, `records/readings`.
 */
final class EntryLists
{
    private const PLAIN = ['observations', 'tests'];
    private const RECORDS = 'records';

    /** @return list<string> those the file has, be they empty */
    public static function in(\stdClass $data): array
    {
        $records = ($data->{self::RECORDS} ?? null) instanceof \stdClass ? get_object_vars($data->{self::RECORDS}) : [];

        return [
            ...array_values(array_filter(self::PLAIN, fn(string $list): bool => is_array($data->{$list} ?? null))),
            ...array_map(fn(string $list): string => self::RECORDS . "/$list", array_keys(array_filter($records, is_array(...)))),
        ];
    }

    public static function isOne(string $list): bool
    {
        return in_array($list, self::PLAIN, true) || str_starts_with($list, self::RECORDS . '/');
    }

    /** @return list<\stdClass> */
    public static function of(\stdClass $data, string $list): array
    {
        $records = ($data->{self::RECORDS} ?? null) instanceof \stdClass ? $data->{self::RECORDS} : new \stdClass();
        $found = self::isRecord($list) ? $records->{self::name($list)} ?? [] : $data->{$list} ?? [];

        return is_array($found) ? array_values(array_filter($found, fn(mixed $entry): bool => $entry instanceof \stdClass)) : [];
    }

    /** @param list<\stdClass> $entries */
    public static function put(\stdClass $data, string $list, array $entries): void
    {
        if (! self::isRecord($list)) {
            $data->{$list} = $entries;

            return;
        }
        $records = ($data->{self::RECORDS} ?? null) instanceof \stdClass ? clone $data->{self::RECORDS} : new \stdClass();
        $records->{self::name($list)} = $entries;
        $data->{self::RECORDS} = $records;
    }

    /** The same with an id for every entry. */
    public static function identified(\stdClass $data): \stdClass
    {
        $identified = clone $data;
        foreach (self::in($data) as $list) {
            self::put($identified, $list, EntryId::givenToAll(self::of($data, $list)));
        }

        return $identified;
    }

    /** The same without the ids that entries would be given again: those nobody said. */
    public static function unidentified(\stdClass $data): \stdClass
    {
        $unidentified = clone $data;
        foreach (self::in($data) as $list) {
            self::put($unidentified, $list, EntryId::unsaid(self::of($data, $list)));
        }

        return $unidentified;
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

    private static function isRecord(string $list): bool
    {
        return str_starts_with($list, self::RECORDS . '/');
    }

    private static function name(string $list): string
    {
        return substr($list, strlen(self::RECORDS) + 1);
    }
}
