<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One change to a house, with what it takes to undo it. `undo_top` and `redo_top` are the revisions that undo and redo would
 * turn back once this one stands: two linked stacks, kept by {@see \App\Actions\ChangeHouse}.
 *
 * @property string $id
 * @property string $house_id
 * @property string|null $user_id
 * @property int $number
 * @property string $kind edit, undo, redo, restore or happened
 * @property string $summary
 * @property list<object{in: string, id: string, before: \stdClass|null, after: \stdClass|null, position: int}> $changed_parts
 * @property int|null $of_number
 * @property int|null $undo_top
 * @property int|null $redo_top
 * @property Carbon $created_at
 * @property-read User|null $user
 */
final class Revision extends Model
{
    use HasUlids;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /**
     * Of a house, those made on one phone; where it has no name, those somebody made where nobody knows on which.
     *
     * @return Builder<self>
     */
    public static function ownOf(House $house, User $user, ?string $phone): Builder
    {
        return self::query()->where('house_id', $house->id)->where('phone', $phone)
            ->when($phone === null, fn(Builder $query): Builder => $query->where('user_id', $user->id));
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'changed_parts' => 'object',
            'number' => 'integer',
            'of_number' => 'integer',
            'undo_top' => 'integer',
            'redo_top' => 'integer',
        ];
    }
}
