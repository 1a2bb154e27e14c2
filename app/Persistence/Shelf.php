<?php

declare(strict_types=1);

namespace App\Persistence;

use Illuminate\Support\Facades\Cache;

/**
 * A few things of one name that take long to make, the last ones, each under all that it follows from. Where it is full, the oldest makes
 * room: a cache of files throws nothing away that nobody asks for again.
 */
final class Shelf
{
    private const PLACES = 8;
    private const HOURS = 12;

    /**
     * @template T
     *
     * @param array<mixed> $from what it follows from
     * @param \Closure(): T $make
     *
     * @return T
     */
    public static function of(string $name, array $from, \Closure $make): mixed
    {
        $stamp = hash('sha256', json_encode($from, JSON_THROW_ON_ERROR));
        $place = array_search($stamp, self::stamps($name), true);
        $kept = $place === false ? null : Cache::get("$name $place");
        if (is_string($kept) && str_starts_with($kept, $stamp)) {
            /** @var T put in by the same closure */
            return unserialize((string) gzuncompress(substr($kept, strlen($stamp))));
        }
        $value = $make();
        self::put($name, $stamp, (string) gzcompress(serialize($value), 1));

        return $value;
    }

    private static function put(string $name, string $stamp, string $packed): void
    {
        // The oldest first; whoever else puts one there at the same time may take its place, and it is made anew.
        $stamps = self::stamps($name);
        $places = [...array_keys($stamps), ...array_diff(range(0, self::PLACES - 1), array_keys($stamps))];
        $place = count($stamps) < self::PLACES ? $places[count($stamps)] : $places[0];
        unset($stamps[$place]);
        $until = now()->addHours(self::HOURS);
        Cache::put("$name $place", $stamp . $packed, $until);
        Cache::put($name, $stamps + [$place => $stamp], $until);
    }

    /** @return array<int, string> by place, the oldest first */
    private static function stamps(string $name): array
    {
        $stamps = Cache::get($name);

        return is_array($stamps) ? array_filter($stamps, is_string(...)) : [];
    }
}
