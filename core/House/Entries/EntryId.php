<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\NotThere;

/**
 * The id of an entry of a list: its own where it has one, else the sum of what it says, so that what is made on a phone and on the server
 * is called the same. Entries of one list that say the same are told apart by a number.
 */
final readonly class EntryId
{
    private const DIGITS = 12;

    /**
     * All of a list, each with an id. Of two that were given one id the first keeps it.
     *
     * @param list<Entry> $list
     *
     * @return list<Entry>
     */
    public static function givenToAll(array $list): array
    {
        $taken = array_flip(array_filter(self::ids($list), is_string(...)));
        $given = $seen = [];
        foreach ($list as $entry) {
            $id = $entry->id();
            if ($id === null || isset($seen[$id])) {
                $says = self::says($entry);
                $number = 0;
                do {
                    $id = self::sum($says, $number++);
                } while (isset($taken[$id]));
                $taken[$id] = true;
                $entry = $entry->withId($id);
            }
            $seen[$id] = true;
            $given[] = $entry;
        }

        return $given;
    }

    /**
     * All of a list, without the ids they would be given again: those nobody said.
     *
     * @param list<Entry> $list
     *
     * @return list<Entry>
     */
    public static function unsaid(array $list): array
    {
        $times = $bare = [];
        foreach ($list as $entry) {
            $says = self::says($entry);
            $times[$says] ??= 0;
            $isGiven = $entry->id() === self::sum($says, $times[$says]++);
            $bare[] = $isGiven ? $entry->withId(null) : $entry;
        }
        return self::ids(self::givenToAll($bare)) === self::ids(self::givenToAll($list)) ? $bare : $list;
    }

    /**
     * @param list<Entry> $list
     *
     * @return int where in the list it stands
     *
     * @throws NotThere when there is none of that id
     */
    public static function placeOf(array $list, string $id): int
    {
        foreach ($list as $place => $entry) {
            if ($entry->id() === $id) {
                return $place;
            }
        }
        throw new NotThere('entry', $id);
    }

    /**
     * @param list<Entry> $list
     *
     * @return list<string|null>
     */
    private static function ids(array $list): array
    {
        return array_map(fn(Entry $one): ?string => $one->id(), $list);
    }

    /** What it says but for its id; what is not said is left out, so that a key that is new one day changes no id. */
    private static function says(Entry $entry): string
    {
        return json_encode(self::said(array_diff_key(get_object_vars($entry), ['id' => 0])), JSON_THROW_ON_ERROR);
    }

    private static function said(mixed $value): mixed
    {
        return match (true) {
            $value instanceof \BackedEnum, $value instanceof \JsonSerializable => $value,
            is_object($value) => (object) self::said(get_object_vars($value)),
            is_array($value) => array_map(self::said(...), array_filter($value, fn(mixed $one): bool => $one !== null)),
            default => $value,
        };
    }

    private static function sum(string $says, int $number): string
    {
        return substr(hash('sha256', "$number $says"), 0, self::DIGITS);
    }
}
