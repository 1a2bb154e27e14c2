<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\Records\Moment;
use Bouclier\Core\Records\Records;

/** Breakers locked or tagged while they are off, and who holds the key, as `records.locks` of the house file. */
final class Locking
{
    public const LIST = 'locks';

    /**
     * @param string $key who holds it, or what is written on the tag
     * @param string $at ISO 8601
     */
    public static function locked(House $house, Circuit $circuit, bool $isTag, string $key, string $who, string $at): House
    {
        return Records::added(
            $house,
            self::LIST,
            (object) ['at_time' => $at, 'who' => $who, 'circuit' => $circuit->id, 'how' => $isTag ? 'tagged' : 'locked', 'key' => $key],
        );
    }

    /**
     * @return array{how: string, key: string|null}|null the lock on a breaker since it was turned off; one that was turned on in between
     *     has none
     */
    public static function of(House $house, Circuit $circuit, Switchings $switchings): ?array
    {
        $off = $switchings->offSince($circuit);
        foreach (array_reverse(Records::of($house, self::LIST)) as $lock) {
            if ($off !== null && ($lock->circuit ?? null) === $circuit->id) {
                $isSince = (Moment::seconds($lock->at_time ?? null) ?? 0) >= $off;

                return $isSince
                    ? [
                        'how' => ($lock->how ?? null) === 'tagged' ? 'tagged' : 'locked',
                        'key' => is_string($lock->key ?? null) ? $lock->key : null,
                    ]
                    : null;
            }
        }

        return null;
    }
}
