<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Feed\Observed\Switchings;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\Locked;
use Bouclier\Core\House\Entries\LockKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;

/** Breakers locked or tagged while they are off, and who holds the key, as `records.locks` of the house file. */
final class Locking
{
    /**
     * @param string $key who holds it, or what is written on the tag
     * @param string $at ISO 8601
     */
    public static function locked(House $house, Circuit $circuit, bool $isTag, string $key, string $who, string $at): House
    {
        $how = $isTag ? LockKind::Tagged : LockKind::Locked;

        return $house->withEntry(new Locked($circuit->id, $how, $key, $at, $who));
    }

    /**
     * @return array{how: value-of<LockKind>, key: string|null}|null the lock on a breaker since it was turned off; one that was
     *     turned on in between has none
     */
    public static function of(House $house, Circuit $circuit, Switchings $switchings): ?array
    {
        $off = $switchings->offSince($circuit);
        foreach (array_reverse($house->entries->all(Locked::class)) as $lock) {
            if ($off !== null && $lock->circuit === $circuit->id) {
                $isSince = (Moment::seconds($lock->atTime) ?? 0) >= $off;

                return $isSince ? ['how' => $lock->how->value, 'key' => $lock->key] : null;
            }
        }

        return null;
    }
}
