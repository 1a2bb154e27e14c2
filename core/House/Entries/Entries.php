<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\NotThere;

/** Everything that was filed of a house, list by list, in the order it was written down. */
final readonly class Entries
{
    /**
     * @param array<list<Entry>> $lists by {@see EntryList}; one that the file does not have is not there, be one that is empty
     * @param object|null $x what others keep beside the records
     */
    public function __construct(private array $lists = [], public ?object $x = null)
    {
    }

    /**
     * @template T of Entry
     *
     * @param class-string<T> $kind
     *
     * @return list<T>
     */
    public function all(string $kind): array
    {
        /** @var list<T> a list holds entries of its kind */
        return $this->in($kind::list());
    }

    /** @return list<Entry> */
    public function in(EntryList $list): array
    {
        return $this->lists[$list->value] ?? [];
    }

    /** Whether the file has the list, be it empty. */
    public function has(EntryList $list): bool
    {
        return isset($this->lists[$list->value]);
    }

    /** @param list<Entry> $entries */
    public function with(EntryList $list, array $entries): self
    {
        return new self([...$this->lists, $list->value => $entries], $this->x);
    }

    /** Each at the end of its list, with an id. */
    public function added(Entry ...$added): self
    {
        $lists = $this->lists;
        foreach ($added as $entry) {
            $list = $entry::list()->value;
            $lists[$list] = EntryId::givenToAll([...$lists[$list] ?? [], $entry]);
        }

        return new self($lists, $this->x);
    }

    /** @throws NotThere when there is none of that id in the list */
    public function without(EntryList $list, string $id): self
    {
        $entries = $this->in($list);
        unset($entries[EntryId::placeOf($entries, $id)]);

        return $this->with($list, array_values($entries));
    }

    /** The same without a list, as if nobody had said it. */
    public function leftOut(EntryList $list): self
    {
        return new self(array_diff_key($this->lists, [$list->value => 0]), $this->x);
    }

    /** The same with an id for every entry. */
    public function identified(): self
    {
        return new self(array_map(EntryId::givenToAll(...), $this->lists), $this->x);
    }

    /** The same without the ids that entries would be given again: those nobody said. */
    public function unidentified(): self
    {
        return new self(array_map(EntryId::unsaid(...), $this->lists), $this->x);
    }

    /** The same with every list empty: what is said of the house is that it has one. */
    public function emptied(): self
    {
        return new self(array_map(fn(array $list): array => [], $this->lists), $this->x);
    }
}
