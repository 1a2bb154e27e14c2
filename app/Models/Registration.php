<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A crew that is to be, until the mail to its first member has been followed.
 *
 * @property string $id
 * @property string $email
 * @property string $name
 * @property string $crew
 * @property string $password hashed
 * @property Carbon $expires_at
 * @property Carbon|null $used_at
 */
final class Registration extends Model
{
    use HasUlids;

    /** Hours a link is good for. */
    public const HOURS = 24;

    protected $guarded = [];

    protected $hidden = ['password'];

    public static function byToken(string $token): self
    {
        return self::query()->where('token_hash', Invitation::hash($token))->firstOrFail();
    }

    public function isOpen(): bool
    {
        return $this->used_at === null && $this->expires_at->isFuture();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'datetime', 'used_at' => 'datetime'];
    }
}
