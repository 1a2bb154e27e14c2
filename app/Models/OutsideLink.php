<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Enums\LinkPurpose;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * A page for somebody outside the crew, opened by who has its address: for one purpose, until its end date or until it is withdrawn. It
 * asks nobody to open anything, and shows nothing of the house but what it asks about.
 *
 * @property string $id
 * @property string $house_id
 * @property string $token
 * @property LinkPurpose $purpose
 * @property \stdClass $asked the questions; or the days of a trial, its device and its rule
 * @property \stdClass|null $answered answers by question; or the trips of each day, by date
 * @property Carbon|null $answered_at
 * @property Carbon|null $taken_at when it was taken over into the call
 * @property Carbon $expires_at
 * @property Carbon|null $withdrawn_at
 * @property Carbon|null $last_seen_at
 * @property string|null $mail where the tests of the house are reminded of
 * @property Carbon|null $reminded_at
 * @property Carbon $created_at
 * @property-read House $house
 */
final class OutsideLink extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @param array<string, mixed> $asked */
    public static function leave(
        House $house,
        User $user,
        LinkPurpose $purpose,
        array $asked,
        int $days,
        ?string $mail = null,
    ): self {
        return self::query()->create([
            'house_id' => $house->id,
            'user_id' => $user->id,
            'token' => Str::random(40),
            'purpose' => $purpose,
            'asked' => (object) $asked,
            'expires_at' => now()->addDays($days),
            'mail' => $mail,
        ]);
    }

    /** Where it is opened. */
    public function url(): string
    {
        return url("/for-you/{$this->token}");
    }

    /** Whether it is open to who has its address. */
    public function isOpen(): bool
    {
        return $this->withdrawn_at === null && $this->taken_at === null && $this->expires_at->isFuture();
    }

    /** @return BelongsTo<House, $this> */
    public function house(): BelongsTo
    {
        return $this->belongsTo(House::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'purpose' => LinkPurpose::class, 'asked' => 'object', 'answered' => 'object', 'answered_at' => 'datetime',
            'taken_at' => 'datetime',
            'expires_at' => 'datetime', 'withdrawn_at' => 'datetime', 'last_seen_at' => 'datetime', 'reminded_at' => 'datetime',
        ];
    }
}
