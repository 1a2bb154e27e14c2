<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A test record that was signed: kept as it was, so that it can be printed again and told from a changed copy.
 *
 * @property string $id
 * @property string $house_id
 * @property string|null $user_id
 * @property int $number of the records of its house
 * @property int $revision of the house it was made of
 * @property string $signed the name that was typed
 * @property string $digest SHA-256 of what stands in it
 * @property array<string, mixed> $content
 * @property Carbon $created_at
 */
final class TestRecord extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['content' => 'array'];
    }
}
