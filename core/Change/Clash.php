<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

/** One field that two have set otherwise: what is wanted now, and what somebody else has made of it meanwhile. */
final readonly class Clash
{
    /**
     * @param string $in the list of the house file
     * @param string $id of the part, empty for the house as a whole
     * @param string $field as the house file names it, or empty where the part is gone
     */
    private function __construct(
        public string $in,
        public string $id,
        public string $field,
        public mixed $mine,
        public mixed $theirs,
    ) {
    }

    /**
     * @param list<Patch> $mine
     * @param list<PartChange> $theirs what was changed since mine was made
     *
     * @return list<self>
     */
    public static function between(array $mine, array $theirs): array
    {
        $clashes = [];
        foreach ($mine as $patch) {
            foreach ($theirs as $change) {
                if ($change->in === $patch->in && $change->id === $patch->id) {
                    array_push($clashes, ...self::ofPart($patch, $change));
                }
            }
        }

        return $clashes;
    }

    /** @return list<self> */
    private static function ofPart(Patch $patch, PartChange $change): array
    {
        if ($change->after === null) {
            return [new self($patch->in, $patch->id, '', $patch->set, null)];
        }
        if ($change->before === null || $patch->set === null) {
            // What was added meanwhile was not known where mine was made, so mine is not about it; what is taken out is taken out.
            return [];
        }
        $clashes = [];
        foreach (get_object_vars($patch->set) as $field => $mine) {
            $was = $change->before->{$field} ?? null;
            $theirs = $change->after->{$field} ?? null;
            if (! self::same($was, $theirs) && ! self::same($theirs, $mine)) {
                $clashes[] = new self($patch->in, $patch->id, (string) $field, $mine, $theirs);
            }
        }

        return $clashes;
    }

    public static function same(mixed $one, mixed $other): bool
    {
        return json_encode($one, JSON_THROW_ON_ERROR) === json_encode($other, JSON_THROW_ON_ERROR);
    }
}
