<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\Distance;
use App\Models\Entry;
use App\Models\Fixture;
use App\Models\House;
use App\Models\HousePart;
use App\Models\Point;
use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Change\PartChange;
use Bouclier\Core\Exchange\EntryLists;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Survey\Progress;
use Illuminate\Support\Str;

/** Rows to a core house and back. Callers own the transaction. */
final class HouseStore
{
    private const CHUNK = 200;
    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    /** The house as it stood at the revision its row names: one that was changed meanwhile shows that in its next row. */
    public function load(House $house): CoreHouse
    {
        return Derived::of($house, 'house', [], fn(): CoreHouse => $this->read($house));
    }

    private function read(House $house): CoreHouse
    {
        $refs = new Refs();
        $fixtures = [];
        foreach (Fixture::query()->where('house_id', $house->id)->orderBy('position')->get() as $fixture) {
            $refs->add($fixture);
            $fixtures[(string) $fixture->getAttribute('area_id')][] = PartMap::said([
                'id' => $fixture->ref,
                'kind' => $fixture->getAttribute('kind'),
                'x' => $fixture->getAttribute('x'),
            ]);
        }
        $rows = [];
        foreach (PartMap::cases() as $map) {
            $rows[$map->value] = $map->model()::query()->where('house_id', $house->id)->orderBy('position')->get();
            $rows[$map->value]->each($refs->add(...));
        }
        $distances = $this->distances($house, $refs);

        $data = PartMap::said([
            'name' => $house->name,
            'work' => $house->work,
            'permit_date' => $house->permit_date,
            'supply_volts' => $house->supply_volts,
            'code' => PartMap::said(['edition' => $house->edition, 'amendments' => $house->amendments, 'x' => $house->code_x]),
            'x' => $house->x,
        ]);
        foreach (get_object_vars($house->sections ?? new \stdClass()) as $section => $content) {
            $data->{$section} = $content;
        }
        $lists = Entry::query()->where('house_id', $house->id)->orderBy('list')->orderBy('position')->get()->groupBy('list');
        foreach ($lists as $list => $entries) {
            EntryLists::put($data, (string) $list, array_values($entries->map(fn(Entry $entry): \stdClass => $entry->said)->all()));
        }
        foreach (PartMap::cases() as $map) {
            $data->{$map->value} = $rows[$map->value]->map(function (HousePart $row) use ($map, $refs, $fixtures, $distances): \stdClass {
                $part = $map->toPart($row, $refs);
                if ($map === PartMap::Areas && $row->getAttribute('fixtures_said') === true) {
                    $part->fixtures = $fixtures[$row->id] ?? [];
                }
                if ($map === PartMap::Points && $row->getAttribute('distances_said') === true) {
                    $part->distances = $distances[$row->id] ?? [];
                }

                return $part;
            })->all();
        }

        return (new HouseReader())->build($data);
    }

    /** Takes a house out, its parts first: they point at one another. */
    public function remove(House $house): void
    {
        foreach (array_reverse(PartMap::cases()) as $map) {
            $map->model()::query()->where('house_id', $house->id)->delete();
        }
        $house->delete();
    }

    /** Writes a house that is not stored yet, all at once. */
    public function create(House $house, CoreHouse $core): void
    {
        $document = HouseDocument::of($core);
        $this->fillWhole($house, $document->part(PartChange::HOUSE, '') ?? new \stdClass());
        $house->save();
        $nothing = HouseDocument::of(new CoreHouse($core->name, $core->work, $core->code));
        $this->write($house, $nothing->changesTo($document), $document);
        $house->progress = self::progressOf($core);
        $house->save();
    }

    /** How far the work in a house is, as it is kept beside it. */
    public static function progressOf(CoreHouse $house): object
    {
        return (object) get_object_vars(Progress::of($house));
    }

    /** How far the work in a house is: as it was kept when it was last changed. */
    public function progress(House $house): object
    {
        if ($house->progress === null) {
            $house->progress = self::progressOf($this->load($house));
            $house->newQuery()->whereKey($house->id)->toBase()->update(['progress' => json_encode($house->progress, JSON_THROW_ON_ERROR)]);
        }

        return $house->progress;
    }

    /**
     * @param list<PartChange> $changes
     * @param HouseDocument $after the whole house as it is after them
     */
    public function write(House $house, array $changes, HouseDocument $after): void
    {
        $refs = Refs::of($house);
        foreach ($changes as $change) {
            if ($change->in === PartChange::HOUSE && $change->after !== null) {
                $this->fillWhole($house, $change->after);
                $house->save();
            }
        }
        foreach (PartMap::cases() as $map) {
            $this->writeParts(
                $house,
                $map,
                array_values(array_filter($changes, fn(PartChange $c): bool => $c->in === $map->value && $c->after !== null)),
                $refs,
            );
        }
        foreach (array_reverse(PartMap::cases()) as $map) {
            $gone = array_map(
                fn(PartChange $c): string => $c->id,
                array_filter($changes, fn(PartChange $c): bool => $c->in === $map->value && $c->after === null),
            );
            if ($gone !== []) {
                $map->model()::query()->where('house_id', $house->id)->whereIn('ref', $gone)->delete();
            }
        }
        $this->dropFixtures($house, $changes);
        $this->writeEntries($house, $changes, $after);
        foreach (PartMap::cases() as $map) {
            $moves = fn(PartChange $c): bool => $c->in === PartChange::ORDER
                ? $c->id === $map->value
                : $c->in === $map->value && ($c->before === null || $c->after === null);
            if (array_filter($changes, $moves) !== []) {
                $this->renumber($house, $map, $after->ids($map->value));
            }
        }
    }

    /** @param list<PartChange> $changes */
    private function writeEntries(House $house, array $changes, HouseDocument $after): void
    {
        $new = $moved = [];
        foreach ($changes as $change) {
            $list = $change->in === PartChange::ORDER ? $change->id : $change->in;
            if (! EntryLists::isOne($list)) {
                continue;
            }
            $row = fn() => Entry::query()->where(['house_id' => $house->id, 'list' => $list, 'ref' => $change->id]);
            match (true) {
                $change->in === PartChange::ORDER => $moved[$list] = true,
                $change->after === null => $row()->delete(),
                $change->before !== null => $row()->update(['said' => json_encode($change->after, self::JSON)]),
                default => $new[] = [
                    'id' => (string) Str::ulid(), 'house_id' => $house->id, 'list' => $list, 'ref' => $change->id,
                    'position' => $change->position, 'said' => json_encode($change->after, self::JSON),
                ],
            };
            // What is added last stands last; anything else moves those after it.
            if ($change->after === null || ($change->before === null && $change->position < count($after->ids($list)) - count($new))) {
                $moved[$list] = true;
            }
        }
        foreach (array_chunk($new, self::CHUNK) as $rows) {
            Entry::query()->insert($rows);
        }
        foreach (array_keys($moved) as $list) {
            $at = array_flip($after->ids($list));
            foreach (Entry::query()->where(['house_id' => $house->id, 'list' => $list])->get(['id', 'ref', 'position']) as $entry) {
                if ($entry->position !== $at[$entry->ref]) {
                    Entry::query()->whereKey($entry->id)->update(['position' => $at[$entry->ref]]);
                }
            }
        }
    }

    /** @param list<string> $ids in the order they are to stand */
    private function renumber(House $house, PartMap $map, array $ids): void
    {
        $at = array_flip($ids);
        foreach ($map->model()::query()->where('house_id', $house->id)->get(['id', 'ref', 'position']) as $row) {
            if ($row->position !== $at[$row->ref]) {
                $map->model()::query()->whereKey($row->id)->update(['position' => $at[$row->ref]]);
            }
        }
    }

    /** @param list<PartChange> $changes of one kind, each with an after */
    private function writeParts(House $house, PartMap $map, array $changes, Refs $refs): void
    {
        $new = [];
        foreach ($changes as $change) {
            $part = $change->after ?? new \stdClass();
            $row = $map->toRow($part, $refs);
            if ($change->before !== null) {
                $kept = $map->model()::query()->where('house_id', $house->id)->where('ref', $change->id)->firstOrFail();
                $kept->fill($row)->save();
                $this->writeBelow($house, $map, $kept, $part, $refs);
                continue;
            }
            $made = new ($map->model())();
            $made->fill([...$row, 'house_id' => $house->id, 'ref' => $change->id, 'position' => $change->position]);
            $made->id = (string) Str::ulid();
            $refs->add($made);
            $new[] = [$made, $part];
        }
        foreach (array_chunk($new, self::CHUNK) as $chunk) {
            $map->model()::query()->insert(array_map(fn(array $pair): array => $pair[0]->getAttributes(), $chunk));
        }
        foreach ($new as [$made, $part]) {
            $this->writeBelow($house, $map, $made, $part, $refs);
        }
    }

    private function writeBelow(House $house, PartMap $map, HousePart $row, \stdClass $part, Refs $refs): void
    {
        match ($map) {
            PartMap::Areas => $this->writeFixtures($house, $row, $part, $refs),
            PartMap::Points => $this->writeDistances($row, $part, $refs),
            default => null,
        };
    }

    private function writeFixtures(House $house, HousePart $area, \stdClass $part, Refs $refs): void
    {
        foreach ($part->fixtures ?? [] as $position => $fixture) {
            // By its id, not afresh: distances point at the row.
            $refs->add(Fixture::query()->updateOrCreate(
                ['house_id' => $house->id, 'ref' => $fixture->id],
                ['area_id' => $area->id, 'kind' => $fixture->kind, 'x' => $fixture->x ?? null, 'position' => $position],
            ));
        }
    }

    /**
     * Fixtures that an area lost, once no distance is measured to them any more.
     *
     * @param list<PartChange> $changes
     */
    private function dropFixtures(House $house, array $changes): void
    {
        $kept = [];
        $lost = [];
        foreach ($changes as $change) {
            if ($change->in === PartMap::Areas->value) {
                $lost = [...$lost, ...array_column($change->before->fixtures ?? [], 'id')];
                $kept = [...$kept, ...array_column($change->after->fixtures ?? [], 'id')];
            }
        }
        $gone = array_values(array_diff($lost, $kept));
        if ($gone !== []) {
            Fixture::query()->where('house_id', $house->id)->whereIn('ref', $gone)->delete();
        }
    }

    private function writeDistances(HousePart $point, \stdClass $part, Refs $refs): void
    {
        // A row that exists was kept, not just made: only then can there be old distances.
        if ($point->exists) {
            Distance::query()->where('point_id', $point->id)->delete();
        }
        foreach ($part->distances ?? [] as $position => $distance) {
            Distance::query()->create([
                'point_id' => $point->id,
                'fixture_id' => $refs->key(Fixture::class, $distance->fixture),
                'position' => $position,
                'ft' => $distance->ft,
                'crosses' => $distance->crosses ?? null,
                'measured' => $distance->measured ?? null,
                'x' => $distance->x ?? null,
            ]);
        }
    }

    /** @return array<string, list<\stdClass>> by the key of the point's row */
    private function distances(House $house, Refs $refs): array
    {
        $found = [];
        $ofHouse = Distance::query()->whereIn('point_id', Point::query()->where('house_id', $house->id)->select('id'));
        foreach ($ofHouse->orderBy('position')->get() as $distance) {
            $found[$distance->point_id][] = PartMap::said([
                'fixture' => $refs->ref($distance->fixture_id),
                'ft' => $distance->ft,
                'crosses' => $distance->crosses,
                'measured' => $distance->measured,
                'x' => $distance->x,
            ]);
        }

        return $found;
    }

    private function fillWhole(House $house, \stdClass $whole): void
    {
        $sections = array_diff_key(
            get_object_vars($whole),
            array_flip(['format', 'version', 'name', 'work', 'permit_date', 'supply_volts', 'code', 'x']),
        );
        $house->fill([
            'name' => $whole->name,
            'work' => $whole->work,
            'permit_date' => $whole->permit_date ?? null,
            'supply_volts' => $whole->supply_volts ?? null,
            'edition' => $whole->code->edition,
            'amendments' => $whole->code->amendments ?? null,
            'code_x' => $whole->code->x ?? null,
            'sections' => $sections === [] ? null : EntryLists::emptied((object) $sections),
            'x' => $whole->x ?? null,
        ]);
    }
}
