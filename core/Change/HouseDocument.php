<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\Exchange\EntryLists;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\House\Entries\EntryId;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\House;
use Bouclier\Core\House\PartList;

/** A house in the form of its file, where parts can be replaced one by one and two states compared. */
final class HouseDocument
{
    /** @var array<string, array<int>> place in its list by id, by list */
    private array $places = [];

    /** What belongs to the house as a whole, once it was asked for. */
    private ?\stdClass $whole = null;

    /** @var array<string, array<object>> what a list holds by id, in its order: parts of the house, or as they stand in the file */
    private array $held = [];

    /**
     * @param House|null $house the house it is of, where nothing was changed in it: then only what is asked for is written out
     * @param array<array<true>> $touched what is other than in the house it came from: ids by list
     */
    private function __construct(private ?\stdClass $data, private readonly ?House $house = null, private readonly array $touched = [])
    {
    }

    public static function of(House $house): self
    {
        return new self(null, $house);
    }

    private function data(): \stdClass
    {
        return $this->data ??= self::dataOf($this->house ?? throw new \LogicException('a document of nothing'));
    }

    private static function dataOf(House $house): \stdClass
    {
        return self::plain((object) HouseWriter::toData($house->with(entries: $house->entries->identified())));
    }

    /** @throws \Bouclier\Core\Exchange\BadHouseFile when the parts do not make a house */
    public function toHouse(): House
    {
        $data = $this->data();
        $some = clone $data;
        $places = [];
        foreach ([...PartList::names(), ...EntryLists::in($data)] as $in) {
            $at = [];
            $left = [];
            foreach (self::listOf($data, $in) as $place => $part) {
                if (isset($this->touched[$in][self::idOf($part)])) {
                    $at[] = $place;
                    $left[] = $part;
                }
            }
            $places[$in] = $at;
            EntryLists::isOne($in) ? EntryLists::put($some, $in, $left) : $some->{$in} = $left;
        }

        return (new HouseReader())->fromChanged($data, $some, $places);
    }

    public function part(string $in, string $id): ?\stdClass
    {
        if ($in === PartChange::HOUSE) {
            return clone $this->whole();
        }
        $held = $this->held($in)[$id] ?? null;

        return $held === null ? null : self::written($held);
    }

    /** @return array<object> by id */
    private function held(string $in): array
    {
        if (! isset($this->held[$in])) {
            $list = match (true) {
                $this->house === null || $this->data !== null => self::listOf($this->data(), $in),
                EntryLists::isOne($in) => EntryId::givenToAll($this->house->entries->in(EntryList::from($in))),
                default => $this->house->listed($in),
            };
            $this->held[$in] = array_combine(array_map(self::idOf(...), $list), $list);
        }

        return $this->held[$in];
    }

    private static function written(object $held): \stdClass
    {
        return $held instanceof \stdClass ? $held : self::plain((object) PartForm::write($held));
    }

    /** @return array<int> */
    private function places(string $in): array
    {
        return $this->places[$in] ??= array_flip($this->ids($in));
    }

    /** @return list<string> the ids of a list, in its order */
    public function ids(string $in): array
    {
        return array_map(strval(...), array_keys($this->held($in)));
    }

    /** @param list<PartChange> $changes each part is set to what it is after the change */
    public function with(array $changes): self
    {
        $data = clone $this->data();
        $lists = [];
        $orders = [];
        $new = [];
        $touched = $this->touched;
        foreach ($changes as $change) {
            $touched[$change->in][$change->id] = true;
            if ($change->in === PartChange::ORDER) {
                $orders[$change->id] = self::idsIn($change->after);
                $lists[$change->id] ??= self::listOf($data, $change->id);
                continue;
            }
            if ($change->in === PartChange::HOUSE) {
                $data = $this->wholeSet($data, $change->after ?? new \stdClass());
                continue;
            }
            $lists[$change->in] ??= self::listOf($data, $change->in);
            $at = $this->placeIn($lists[$change->in], $change);
            if ($at === null && $change->after !== null) {
                $new[$change->in][] = [$change->position, $change->after];
            } elseif ($at !== null) {
                array_splice($lists[$change->in], $at, 1, $change->after === null ? [] : [$change->after]);
            }
        }
        foreach ($new as $in => $added) {
            // From the front: each then stands where it did, those before it being there already.
            usort($added, fn(array $one, array $other): int => $one[0] <=> $other[0]);
            foreach ($added as [$position, $part]) {
                if ($position >= count($lists[$in])) {
                    $lists[$in][] = $part;
                } else {
                    array_splice($lists[$in], $position, 0, [$part]);
                }
            }
        }
        foreach ($lists as $in => $list) {
            $list = isset($orders[$in]) ? self::inOrder($list, $orders[$in]) : $list;
            if ($list === [] && EntryLists::isOne($in) && ! in_array($in, EntryLists::in($data), true)) {
                continue;
            }
            EntryLists::isOne($in) ? EntryLists::put($data, $in, $list) : $data->{$in} = $list;
        }

        return new self(self::plain($data), null, $touched);
    }

    /** @return list<PartChange> what makes this document the other */
    public function changesTo(self $other): array
    {
        $changes = self::same($this->whole(), $other->whole())
            ? []
            : [new PartChange(PartChange::HOUSE, '', $this->whole(), $other->whole(), 0)];
        foreach ($this->listsWith($other) as $in) {
            if ($this->shares($in, $other)) {
                continue;
            }
            $before = $this->held($in);
            $after = $other->held($in);
            if ($before === $after) {
                continue;
            }
            $position = 0;
            foreach ($before as $id => $part) {
                $now = $after[$id] ?? null;
                // What nobody has touched is the same object still.
                if ($part !== $now) {
                    $was = self::written($part);
                    $is = $now === null ? null : self::written($now);
                    if ($is === null || ! self::same($was, $is)) {
                        $changes[] = new PartChange($in, (string) $id, $was, $is, $position);
                    }
                }
                ++$position;
            }
            foreach (array_keys($after) as $position => $id) {
                if (! isset($before[$id])) {
                    $changes[] = new PartChange($in, (string) $id, null, self::written($after[$id]), $position);
                }
            }
            $ids = $this->ids($in);
            $newIds = $other->ids($in);
            if (array_values(array_intersect($ids, $newIds)) !== array_values(array_intersect($newIds, $ids))) {
                $changes[] = new PartChange(PartChange::ORDER, $in, (object) ['ids' => $ids], (object) ['ids' => $newIds], 0);
            }
        }

        return $changes;
    }

    /** Whether the other holds the same list still: nobody has touched any of it. */
    private function shares(string $in, self $other): bool
    {
        if ($this->house === null || $other->house === null || $this->data !== null || $other->data !== null) {
            return false;
        }

        return EntryLists::isOne($in)
            ? $this->house->entries->in(EntryList::from($in)) === $other->house->entries->in(EntryList::from($in))
            : $this->house->listed($in) === $other->house->listed($in);
    }

    /** What belongs to the house as a whole: its lists of entries only as far as it has them. */
    private function whole(): \stdClass
    {
        return $this->whole ??= $this->wholeOf();
    }

    private function wholeOf(): \stdClass
    {
        if ($this->data === null && $this->house !== null) {
            $house = $this->house;
            $bare = $house->with(
                circuits: [],
                points: [],
                cables: [],
                areas: [],
                appliances: [],
                entries: $house->entries->emptied(),
            );

            $said = get_object_vars(self::plain((object) HouseWriter::toData($bare)));

            return (object) array_diff_key($said, array_flip(PartList::names()));
        }

        return EntryLists::emptied((object) array_diff_key(get_object_vars($this->data()), array_flip(PartList::names())));
    }

    /**
     * With what belongs to the house as a whole replaced, and its lists as they are: but for one that a revision of former days holds
     * whole.
     */
    private function wholeSet(\stdClass $data, \stdClass $whole): \stdClass
    {
        $set = (object) [...get_object_vars($whole), ...array_intersect_key(get_object_vars($data), array_flip(PartList::names()))];
        foreach (EntryLists::in($set) as $list) {
            if (EntryLists::of($set, $list) === []) {
                EntryLists::put($set, $list, EntryLists::of($data, $list));
            }
        }

        return $set;
    }

    /** @return list<string> every list of either: of parts, and of entries */
    private function listsWith(self $other): array
    {
        return [...PartList::names(), ...array_values(array_unique([...$this->entryLists(), ...$other->entryLists()]))];
    }

    /** @return list<string> */
    private function entryLists(): array
    {
        return match (true) {
            $this->data !== null => EntryLists::in($this->data),
            $this->house !== null => array_map(
                fn(EntryList $list): string => $list->value,
                array_values(array_filter(EntryList::cases(), $this->house->entries->has(...))),
            ),
            default => [],
        };
    }

    /** @return list<\stdClass&object{id: string}> */
    private static function listOf(\stdClass $data, string $in): array
    {
        /** @var list<\stdClass&object{id: string}> $list the schema has seen it */
        $list = EntryLists::isOne($in) ? EntryLists::of($data, $in) : $data->{$in};

        return $list;
    }

    /**
     * Where the part stands in a list that earlier changes may have moved; most have not.
     *
     * @param array<int, \stdClass> $list
     */
    private function placeIn(array $list, PartChange $change): ?int
    {
        $place = $this->places($change->in)[$change->id] ?? null;
        if ($change->before === null && $place === null) {
            return null;
        }
        if ($place !== null && ($list[$place]->id ?? null) === $change->id) {
            return $place;
        }
        foreach ($list as $index => $part) {
            if ($part->id === $change->id) {
                return $index;
            }
        }

        return null;
    }

    /**
     * @param array<int, \stdClass> $list
     * @param list<string> $ids those not named come last, as they stood
     *
     * @return list<\stdClass>
     */
    private static function inOrder(array $list, array $ids): array
    {
        $at = array_flip($ids);
        $place = fn(\stdClass $one): int => $at[self::idOf($one)] ?? PHP_INT_MAX;
        usort($list, fn(\stdClass $one, \stdClass $other): int => $place($one) <=> $place($other));

        return $list;
    }

    private static function idOf(object $part): string
    {
        return is_string($part->id ?? null) ? $part->id : '';
    }

    /** @return list<string> the order a list is said to have */
    private static function idsIn(?\stdClass $order): array
    {
        $ids = $order->ids ?? null;

        return is_array($ids) ? array_values(array_filter($ids, is_string(...))) : [];
    }

    private static function same(\stdClass $one, \stdClass $other): bool
    {
        return json_encode($one, JSON_THROW_ON_ERROR) === json_encode($other, JSON_THROW_ON_ERROR);
    }

    /** Objects as \stdClass all the way down, as json_decode gives them. */
    private static function plain(\stdClass $data): \stdClass
    {
        /** @var \stdClass $plain an object went in */
        $plain = json_decode(json_encode($data, JSON_THROW_ON_ERROR), false, 512, JSON_THROW_ON_ERROR);

        return $plain;
    }
}
