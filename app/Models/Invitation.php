<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Enums\Role;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Somebody asked into a crew by mail. The link is kept as its hash alone.
 *
 * @property string $id
 * @property string $crew_id
 * @property string $email
 * @property Role $role
 * @property string|null $house_id the one house of a guest
 * @property Carbon|null $guest_until
 * @property Carbon $expires_at
 * @property Carbon|null $accepted_at
 * @property Carbon|null $mailed_at
 * @property Carbon|null $mail_failed_at when the last try to send the mail failed
 * @property-read Crew $crew
 * @property-read House|null $house
 */
final class Invitation extends Model
{
    use HasUlids;

    /** Days a link is good for. */
    public const DAYS = 7;

    protected $guarded = [];

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    public static function byToken(string $token): self
    {
        return self::query()->where('token_hash', self::hash($token))->firstOrFail();
    }

    /** @return 'waits'|'sent'|'failed' how the mail stands that asks them in */
    public function mail(): string
    {
        return match (true) {
            $this->mailed_at !== null => 'sent',
            $this->mail_failed_at !== null => 'failed',
            default => 'waits',
        };
    }

    public function isOpen(): bool
    {
        return $this->accepted_at === null && $this->expires_at->isFuture();
    }

    /** @return BelongsTo<Crew, $this> */
    public function crew(): BelongsTo
    {
        return $this->belongsTo(Crew::class);
    }

    /** @return BelongsTo<House, $this> */
    public function house(): BelongsTo
    {
        return $this->belongsTo(House::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'guest_until' => 'date', 'expires_at' => 'datetime', 'accepted_at' => 'datetime'];
    }
}
