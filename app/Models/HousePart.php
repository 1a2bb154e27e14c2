<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A row that holds one part of a house. `ref` is its id in the house file, `position` its place in the file's list.
 *
 * @property string $id
 * @property string $house_id
 * @property string $ref
 * @property int $position
 * @property object|null $more
 */
abstract class HousePart extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['more' => 'object', 'x' => 'object'];
}
