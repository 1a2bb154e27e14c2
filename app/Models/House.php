<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * A house of a crew: what belongs to the house as a whole. Its parts are {@see HousePart} rows, read and written by
 * {@see \App\Persistence\HouseStore}.
 *
 * @property string $id
 * @property string $crew_id
 * @property string $name
 * @property string $work
 * @property string $edition
 * @property string|null $permit_date
 * @property float|null $supply_volts
 * @property list<object>|null $amendments
 * @property object|null $code_x
 * @property object|null $sections
 * @property object|null $x
 * @property object|null $progress how far the work is, as {@see \Bouclier\Core\Survey\Progress} says it
 * @property int $revision
 * @property int $photo_bytes what its photographs take on disk
 * @property Carbon|null $archived_at
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 */
final class House extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @var array<string, mixed> said of one that was not read from the database yet */
    protected $attributes = ['progress' => null, 'archived_at' => null];

    /** @return BelongsTo<Crew, $this> */
    public function crew(): BelongsTo
    {
        return $this->belongsTo(Crew::class);
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    /** @return HasMany<Area, $this> */
    public function areas(): HasMany
    {
        return $this->hasMany(Area::class);
    }

    /** @return HasMany<Point, $this> */
    public function points(): HasMany
    {
        return $this->hasMany(Point::class);
    }

    /** @return HasOne<Hunt, $this> */
    public function hunt(): HasOne
    {
        return $this->hasOne(Hunt::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'supply_volts' => 'float', 'amendments' => 'object', 'code_x' => 'object', 'sections' => 'object', 'x' => 'object',
            'progress' => 'object', 'archived_at' => 'datetime',
            'revision' => 'integer',
        ];
    }
}
