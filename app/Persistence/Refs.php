<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\Area;
use App\Models\Circuit;
use App\Models\Fixture;
use App\Models\House;
use App\Models\HousePart;
use App\Models\Panel;
use App\Models\Point;

/** The ids of one house both ways: the file's own (`ref`) and the keys of the rows. */
final class Refs
{
    /** @var array<class-string<HousePart>, array<string>> row key by ref */
    private array $keys = [];

    /** @var array<string> ref by row key */
    private array $refs = [];

    public static function of(House $house): self
    {
        $refs = new self();
        foreach ([Area::class, Fixture::class, Panel::class, Circuit::class, Point::class] as $model) {
            foreach ($model::query()->where('house_id', $house->id)->get(['id', 'ref']) as $row) {
                $refs->add($row);
            }
        }

        return $refs;
    }

    public function add(HousePart $row): void
    {
        $this->keys[$row::class][$row->ref] = $row->id;
        $this->refs[$row->id] = $row->ref;
    }

    /** @param class-string<HousePart> $model */
    public function key(string $model, ?string $ref): ?string
    {
        return $ref === null ? null : $this->keys[$model][$ref] ?? throw new \OutOfBoundsException("No row for \"$ref\"");
    }

    public function ref(?string $key): ?string
    {
        return $key === null ? null : $this->refs[$key] ?? throw new \OutOfBoundsException("No ref for row $key");
    }
}
