<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A page for a householder, opened by who has its address: it asks nobody to open anything, and shows nothing of the house but what it asks about.
 *
 * @property string $id
 * @property string $house_id
 * @property string $token
 * @property string $kind questions or trial
 * @property \stdClass $asked the questions; or the days of a trial, its device and its rule
 * @property \stdClass|null $answered answers by question; or the trips of each day, by date
 * @property \Illuminate\Support\Carbon|null $answered_at
 * @property \Illuminate\Support\Carbon|null $taken_at when it was taken over into the call
 * @property \Illuminate\Support\Carbon $created_at
 * @property-read House $house
 */
final class HouseholderPage extends Model
{
    use HasUlids;

    public const QUESTIONS = 'questions';
    public const TRIAL = 'trial';

    protected $guarded = [];

    /** @return BelongsTo<House, $this> */
    public function house(): BelongsTo
    {
        return $this->belongsTo(House::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['asked' => 'object', 'answered' => 'object', 'answered_at' => 'datetime', 'taken_at' => 'datetime'];
    }
}
