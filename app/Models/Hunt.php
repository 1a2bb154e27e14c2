<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A search for a breaker that is under way.
 *
 * @property string $id
 * @property string $house_id
 * @property string|null $user_id who stands at the outlet
 * @property int $step counts its questions: an answer to an earlier one is not taken
 * @property object{
 *     point: string, phase: string, among: list<string>, off: list<string>, on: list<string>, found: list<string>, weights: object
 * } $state
 * @property-read User|null $user
 */
final class Hunt extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['step' => 'integer', 'state' => 'object'];
    }
}
