<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * The people who share houses. A crew never sees another crew's house.
 *
 * @property string $id
 * @property string $name
 * @property array<string, list<float>>|null $leakage ranges by class of appliance, where the crew has its own
 * @property array<string, float>|null $priors how often causes are met, where the crew has its own number
 * @property string|null $feed_mark how it marks the feed in a box it roughs in
 * @property int|null $device_amps which device it puts in where either is allowed, 15 or 20 A
 * @property int|null $replace_years at what age it replaces a device that still works, where it has its own rule
 * @property string|null $licence its number, as offers name it
 * @property array<string, mixed>|null $prices what parts and time cost it, as the house file has it
 * @property Carbon|null $priced_on since when
 * @property Carbon|null $deletes_at when it is deleted with all its houses, null where nobody asked for that
 */
final class Crew extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** Days between asking for a crew to be deleted and its deletion. */
    public const GRACE_DAYS = 30;

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class);
    }

    /** @return HasMany<House, $this> */
    public function houses(): HasMany
    {
        return $this->hasMany(House::class);
    }

    /** @return HasMany<Instrument, $this> */
    public function instruments(): HasMany
    {
        return $this->hasMany(Instrument::class);
    }

    /** @return HasMany<Jurisdiction, $this> */
    public function jurisdictions(): HasMany
    {
        return $this->hasMany(Jurisdiction::class);
    }

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['leakage' => 'array', 'priors' => 'array', 'prices' => 'array', 'priced_on' => 'date', 'deletes_at' => 'datetime'];
    }
}
