<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A phone, or another browser, that somebody signed in on.
 *
 * @property string $id
 * @property string $agent
 * @property \Illuminate\Support\Carbon $signed_in_at
 * @property \Illuminate\Support\Carbon|null $lost_at
 */
final class Phone extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, mixed> */
    protected $attributes = ['lost_at' => null];

    public static function signedIn(string $id, User $user, string $agent): void
    {
        self::query()->updateOrCreate(
            ['id' => $id],
            ['user_id' => $user->id, 'agent' => mb_substr($agent, 0, 300), 'signed_in_at' => now(), 'lost_at' => null],
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['signed_in_at' => 'datetime', 'lost_at' => 'datetime'];
    }
}
