<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Enums\Role;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Laravel\Sanctum\HasApiTokens;

/**
 * Somebody with an account, as a rule of a crew.
 *
 * @property string $id
 * @property string|null $crew_id null for who has left a crew
 * @property string $name
 * @property string $email
 * @property string|null $length_unit ft or m; null for what the code of each house goes by
 * @property string $password
 * @property Role $role
 * @property string|null $guest_house_id the one house a guest sees
 * @property Carbon|null $guest_until the last day a guest sees it
 * @property string|null $totp_secret base 32
 * @property Carbon|null $totp_confirmed_at
 * @property int|null $totp_last_step the last half minute a code was taken of, so that none is taken twice
 * @property list<string>|null $recovery_codes hashes of those not used yet
 * @property bool $shows_practice whether the owner of the crew sees how practice goes
 * @property-read Crew|null $crew
 */
final class User extends Authenticatable
{
    use HasApiTokens;
    use HasUlids;
    use Notifiable;

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token', 'totp_secret', 'recovery_codes'];

    protected $with = ['crew'];

    protected $attributes = ['length_unit' => null,
        'role' => 'owner', 'remember_token' => null, 'guest_house_id' => null, 'guest_until' => null, 'totp_secret' => null,
        'totp_confirmed_at' => null, 'totp_last_step' => null, 'recovery_codes' => null, 'shows_practice' => false,
    ];

    /** @return BelongsTo<Crew, $this> */
    public function crew(): BelongsTo
    {
        return $this->belongsTo(Crew::class);
    }

    /** Whether a guest's time is over. */
    public function isOver(): bool
    {
        return $this->role->isGuest() && ($this->guest_until === null || $this->guest_until->endOfDay()->isPast());
    }

    public function hasSecondStep(): bool
    {
        return $this->totp_confirmed_at !== null;
    }

    /** Everywhere else nobody is signed in with this account any more, by session, cookie or token of a meter. */
    public function endOtherSessions(?string $but = null): void
    {
        DB::table('sessions')->where('user_id', $this->id)->when($but !== null, fn($query) => $query->where('id', '!=', $but))->delete();
        $this->tokens()->delete();
        $this->forceFill(['remember_token' => Str::random(60)])->save();
    }

    /** Out of the crew: what was filed keeps the name, the account keeps nothing of the crew's. */
    public function leaveCrew(): void
    {
        $this->forceFill(['crew_id' => null, 'role' => Role::Electrician, 'guest_house_id' => null, 'guest_until' => null])->save();
        $this->endOtherSessions();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed', 'role' => Role::class, 'guest_until' => 'date', 'totp_secret' => 'encrypted',
            'totp_confirmed_at' => 'datetime', 'totp_last_step' => 'integer', 'recovery_codes' => 'array',
            'shows_practice' => 'boolean',
        ];
    }
}
