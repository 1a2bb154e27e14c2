<?php

declare(strict_types=1);

namespace Bouclier\Core\Records;

use Bouclier\Core\House\NotThere;

/**
 * The id of an entry of a list: its own where it has one, else the sum of what it says, so that what is made on a phone and on the server
 * is called the same. Entries of one list that say the same are told apart by a number.
 */
final class EntryId
{
    private const DIGITS = 12;

    /**
     * @param list<\stdClass> $list it is added to
     *
     * @return \stdClass the entry with its id first
     */
    public static function given(\stdClass $entry, array $list): \stdClass
    {
        $all = self::givenToAll([...$list, $entry]);

        return $all[count($all) - 1];
    }

    /**
     * All of a list, each with an id.
     *
     * @param list<\stdClass> $list
     *
     * @return list<\stdClass>
     */
    public static function givenToAll(array $list): array
    {
        $given = [];
        $taken = array_flip(array_filter(array_map(fn(\stdClass $one): mixed => $one->id ?? null, $list), is_string(...)));
        $seen = [];
        foreach ($list as $entry) {
            $id = is_string($entry->id ?? null) ? $entry->id : null;
            // Of two that were given one id the first keeps it.
            if ($id === null || isset($seen[$id])) {
                $says = json_encode($entry, JSON_THROW_ON_ERROR);
                $number = 0;
                do {
                    $id = self::sum($says, $number++);
                } while (isset($taken[$id]));
                $taken[$id] = true;
                $entry = (object) ['id' => $id, ...array_diff_key(get_object_vars($entry), ['id' => 0])];
            }
            $seen[$id] = true;
            $given[] = $entry;
        }

        return $given;
    }

    /**
     * All of a list, without the ids they would be given again: those nobody said.
     *
     * @param list<\stdClass> $list
     *
     * @return list<\stdClass>
     */
    public static function unsaid(array $list): array
    {
        $times = [];
        $bare = [];
        foreach ($list as $entry) {
            $without = (object) array_diff_key(get_object_vars($entry), ['id' => 0]);
            $says = json_encode($without, JSON_THROW_ON_ERROR);
            $times[$says] ??= 0;
            $isGiven = ($entry->id ?? null) === self::sum($says, $times[$says]++);
            $bare[] = $isGiven ? $without : $entry;
        }

        return array_column(self::givenToAll($bare), 'id') === array_column(self::givenToAll($list), 'id') ? $bare : $list;
    }

    /**
     * @param list<\stdClass> $list
     *
     * @return int where in the list it stands
     *
     * @throws NotThere when there is none of that id
     */
    public static function placeOf(array $list, string $id): int
    {
        foreach ($list as $place => $entry) {
            if (($entry->id ?? null) === $id) {
                return $place;
            }
        }
        throw new NotThere('entry', $id);
    }

    private static function sum(string $says, int $number): string
    {
        return substr(hash('sha256', "$number $says"), 0, self::DIGITS);
    }
}
