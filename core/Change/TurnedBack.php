<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

/**
 * A change taken back in a house that may have moved on since: each field goes back to what it was, and what others did to other fields
 * stands. What somebody has changed since is not taken from them.
 */
final class TurnedBack
{
    /** What the house as a whole says of its lists of entries: which there are. Each entry is a part of its own. */
    private const LISTS = ['records', 'observations', 'tests'];

    /**
     * @param HouseDocument $now the house as it stands
     * @param list<PartChange> $changes as they were made
     *
     * @throws ChangedSince
     */
    public static function in(HouseDocument $now, array $changes): HouseDocument
    {
        $back = [];
        foreach (array_reverse($changes) as $change) {
            $one = $change->in === PartChange::ORDER ? $change->inverse() : self::part($now->part($change->in, $change->id), $change);
            if ($one !== null) {
                $back[] = $one;
            }
        }

        return $now->with($back);
    }

    private static function part(?\stdClass $is, PartChange $change): ?PartChange
    {
        if ($change->after === null) {
            return $is === null ? $change->inverse() : null;
        }
        if ($is === null) {
            return $change->before === null ? null : throw new ChangedSince($change->in, $change->id, null);
        }
        if ($change->before === null) {
            return Clash::same($is, $change->after)
                ? $change->inverse()
                : throw new ChangedSince($change->in, $change->id, self::firstOther($is, $change->after));
        }

        $merged = self::merged($is, $change->before, $change->after, $change);

        return new PartChange($change->in, $change->id, $is, $merged, $change->position);
    }

    private static function merged(\stdClass $is, \stdClass $was, \stdClass $became, PartChange $change): \stdClass
    {
        $merged = clone $is;
        foreach (array_unique([...array_keys(get_object_vars($was)), ...array_keys(get_object_vars($became))]) as $field) {
            $before = $was->{$field} ?? null;
            $after = $became->{$field} ?? null;
            $now = $is->{$field} ?? null;
            if (Clash::same($before, $after) || Clash::same($now, $before)) {
                continue;
            }
            if (! Clash::same($now, $after) && $change->in === PartChange::HOUSE && in_array($field, self::LISTS, true)) {
                $merged->{$field} = self::together($now, $before);
                continue;
            }
            if (! Clash::same($now, $after)) {
                throw new ChangedSince($change->in, $change->id, (string) $field);
            }
            if (property_exists($was, (string) $field)) {
                $merged->{$field} = $before;
            } else {
                unset($merged->{$field});
            }
        }

        return $merged;
    }

    /** Lists that the house has, and what former days kept in the place of them; a list that came since stays. */
    private static function together(mixed $now, mixed $before): mixed
    {
        if (! $now instanceof \stdClass || ! $before instanceof \stdClass) {
            return $now ?? $before;
        }
        $kept = array_filter(get_object_vars($before), fn(mixed $list): bool => $list !== []);

        return (object) [...get_object_vars($now), ...$kept];
    }

    private static function firstOther(\stdClass $one, \stdClass $other): ?string
    {
        foreach (get_object_vars($one) as $field => $value) {
            if (! Clash::same($value, $other->{$field} ?? null)) {
                return (string) $field;
            }
        }

        return null;
    }
}
