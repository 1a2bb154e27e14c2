<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\House\House;
use Bouclier\Core\House\PartList;

/** What makes one house another, part by part. */
final class HouseDifference
{
    /** @return list<Patch> of its parts; what is filed of it and what belongs to it as a whole is not looked at */
    public static function between(House $house, House $other): array
    {
        $patches = [];
        foreach (HouseDocument::of($house)->changesTo(HouseDocument::of($other)) as $change) {
            if (PartList::tryFrom($change->in) !== null) {
                $patches[] = new Patch($change->in, $change->id, match (true) {
                    $change->after === null => null,
                    $change->before === null => $change->after,
                    default => self::patch($change->before, $change->after),
                });
            }
        }

        return $patches;
    }

    /** The merge patch (RFC 7396) that makes one object the other. */
    private static function patch(\stdClass $before, \stdClass $after): \stdClass
    {
        $patch = new \stdClass();
        foreach (get_object_vars($after) as $key => $value) {
            $was = $before->{$key} ?? null;
            if ($value instanceof \stdClass && $was instanceof \stdClass) {
                $inner = self::patch($was, $value);
                if (get_object_vars($inner) !== []) {
                    $patch->{$key} = $inner;
                }
            } elseif (json_encode($was, JSON_THROW_ON_ERROR) !== json_encode($value, JSON_THROW_ON_ERROR)) {
                $patch->{$key} = $value;
            }
        }
        foreach (array_keys(array_diff_key(get_object_vars($before), get_object_vars($after))) as $key) {
            $patch->{$key} = null;
        }

        return $patch;
    }
}
