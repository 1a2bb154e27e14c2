<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * One entry of a list that is only added to: an observation, a test of the call, a record. `list` is the list of the house file (`tests`,
 * `records/readings`), `ref` its id there, `position` its place.
 *
 * @property string $id
 * @property string $house_id
 * @property string $list
 * @property string $ref
 * @property int $position
 * @property \stdClass $said as in the house file
 */
final class Entry extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['position' => 'integer', 'said' => 'object'];
    }
}
