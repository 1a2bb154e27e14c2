<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Entries\DraftChange;
use Bouclier\Core\House\PartList;
use Bouclier\Core\Survey\EnteredLine;

/**
 * What a request wants done to one part of a house: a JSON merge patch (RFC 7396) of the part, or its removal. Null takes a key away,
 * except an appliance's `at`, where the file uses null for "not plugged in".
 */
final readonly class Patch
{
    private const APPLIANCES = 'appliances';

    /** So many are told at once. */
    private const MOST = 500;

    /** What was read, tested and proved is only added, each by its own way. */
    private const ONLY_ADDED = ['observations', 'tests', 'records'];

    /** @param \stdClass|null $set null removes the part; for a part that is not there it is the part itself */
    public function __construct(
        public string $in,
        public string $id,
        public ?\stdClass $set,
    ) {
    }

    /**
     * @return list<self> the `changes` of what was told
     *
     * @throws \Bouclier\Core\Exchange\BadHouseFile when they are none
     */
    public static function told(Body $body): array
    {
        return array_map(self::one(...), $body->parts('changes', self::MOST));
    }

    /** What a part may hold is the house file's schema to say; here only the envelope is read. */
    private static function one(Body $change): self
    {
        $in = $change->text('in', 20);
        if (! in_array($in, [PartChange::HOUSE, ...PartList::names()], true)) {
            $change->wrong('in', 'must be one of ' . implode(', ', [PartChange::HOUSE, ...PartList::names()]));
        }
        if (! in_array('set', $change->keys(), true)) {
            $change->missing('set');
        }
        $set = $change->raw('set');
        $set = $set === [] ? new \stdClass() : $set;
        if ($set !== null && ! $set instanceof \stdClass) {
            $change->wrong('set', 'must be an object, or null for what is taken out');
        }
        $added = $in === PartChange::HOUSE && $set !== null ? array_intersect(self::ONLY_ADDED, array_keys(get_object_vars($set))) : [];
        foreach ($added as $list) {
            $change->wrong("set/$list", 'is only added to, entry by entry');
        }

        return new self($in, $in === PartChange::HOUSE ? '' : $change->id('id'), $set);
    }

    public static function drafted(DraftChange $change): self
    {
        $set = $change->set === null ? null : json_decode(json_encode($change->set, JSON_THROW_ON_ERROR), false, 64, JSON_THROW_ON_ERROR);

        return new self($change->in->value, $change->id, $set instanceof \stdClass ? $set : null);
    }

    /** @return list<self> what carries out a line of quick entry */
    public static function allOf(EnteredLine $line): array
    {
        return array_map(function (EnteredLine $one): self {
            $set = json_decode(json_encode((object) $one->set, JSON_THROW_ON_ERROR), false, 64, JSON_THROW_ON_ERROR);

            return new self($one->in, $one->id, $set instanceof \stdClass ? $set : new \stdClass());
        }, [$line, ...$line->also]);
    }

    public function on(HouseDocument $document): PartChange
    {
        $before = $document->part($this->in, $this->id);
        if ($this->set === null) {
            return new PartChange($this->in, $this->id, $before, null, 0);
        }
        $after = self::merge($before ?? (object) ['id' => $this->id], $this->set, $this->in === self::APPLIANCES ? ['at'] : []);

        return new PartChange($this->in, $this->id, $before, $after, PHP_INT_MAX);
    }

    /** @param list<string> $nullable keys whose null is kept */
    private static function merge(\stdClass $target, \stdClass $patch, array $nullable): \stdClass
    {
        $merged = clone $target;
        foreach (get_object_vars($patch) as $key => $value) {
            if ($value === null && ! in_array($key, $nullable, true)) {
                unset($merged->{$key});
                continue;
            }
            $old = $merged->{$key} ?? null;
            $merged->{$key} = $value instanceof \stdClass && $old instanceof \stdClass ? self::merge($old, $value, []) : $value;
        }

        return $merged;
    }
}
