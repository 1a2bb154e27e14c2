<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\House;
use Illuminate\Support\Facades\Cache;

/**
 * What follows from a house as it stands, made once and kept until the house changes. It is named by the revision that made the house what
 * it is, by that revision's own key and not its number: a transaction that is turned back, or a backup taken in, leaves no key behind that
 * could come again.
 */
final class Derived
{
    private const DAYS = 7;

    /** Longer than any of it takes; who has waited so long makes it himself. */
    private const SECONDS = 5;
    private const MILLISECONDS = 20;

    /**
     * @template T
     *
     * @param House $house as it was read together with what is derived from it
     * @param string $what one is kept of each
     * @param array<mixed> $from what it follows from beside the house
     * @param \Closure(): T $make
     *
     * @return T
     */
    public static function of(House $house, string $what, array $from, \Closure $make): mixed
    {
        $key = "derived {$house->id} $what";
        $stamp = hash('sha256', json_encode([self::stamp($house), $from], JSON_THROW_ON_ERROR));
        $kept = self::kept($key, $stamp);
        if ($kept !== null) {
            /** @var T put in by the same closure */
            return $kept['value'];
        }
        // One makes it, and who asks meanwhile waits for that one: but not for long.
        $lock = self::lock($key);
        try {
            $kept = $lock === null ? null : self::kept($key, $stamp);
            /** @var T $value */
            $value = $kept === null ? $make() : $kept['value'];
            if ($kept === null) {
                Cache::put($key, ['stamp' => $stamp, 'value' => $value], now()->addDays(self::DAYS));
            }

            return $value;
        } finally {
            if ($lock !== null) {
                fclose($lock);
            }
        }
    }

    /** @return array{value: mixed}|null */
    private static function kept(string $key, string $stamp): ?array
    {
        $kept = Cache::get($key);

        return is_array($kept) && ($kept['stamp'] ?? null) === $stamp ? ['value' => $kept['value'] ?? null] : null;
    }

    /**
     * An open file: the system takes it from a process that was killed with it, and nobody waits for one that is gone.
     *
     * @return resource|null null where somebody has had it for too long
     */
    private static function lock(string $key): mixed
    {
        $name = hash('sha256', $key);
        $folder = storage_path('framework/cache/locks/' . substr($name, 0, 2));
        if (! is_dir($folder)) {
            @mkdir($folder, 0o700, true);
        }
        $file = @fopen("$folder/$name", 'c');
        if ($file === false) {
            return null;
        }
        for ($waited = 0; ! flock($file, LOCK_EX | LOCK_NB); $waited += self::MILLISECONDS) {
            if ($waited >= 1000 * self::SECONDS) {
                fclose($file);

                return null;
            }
            usleep(1000 * self::MILLISECONDS);
        }

        return $file;
    }

    private static function stamp(House $house): string
    {
        $last = $house->revisions()->where('number', $house->revision)->value('id');

        return is_string($last) ? $last : $house->id;
    }
}
