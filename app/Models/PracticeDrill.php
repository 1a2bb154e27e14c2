<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A round of a drill.
 *
 * @property string $id given by the phone it was done on
 * @property string $user_id
 * @property string $kind
 * @property int $seed
 * @property int $right boxes that were
 * @property int $of
 * @property int $seconds
 * @property Carbon $created_at
 */
final class PracticeDrill extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];
}
