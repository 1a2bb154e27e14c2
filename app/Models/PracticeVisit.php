<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A practice case somebody worked on to its end.
 *
 * @property string $id given by the phone it was done on
 * @property string $user_id
 * @property string $case its name
 * @property string $theme value of {@see \Bouclier\Core\Practice\CaseKind}
 * @property list<array<string, mixed>> $deeds
 * @property string|null $named id of the cause; null where somebody gave up
 * @property bool $with_advice whether the application's own advice was looked at
 * @property bool $is_right
 * @property float $minutes
 * @property list<string> $dangers names of their rules
 * @property float|null $best_minutes those of the best road; null until it is worked out
 * @property array<mixed>|null $afterwards how it went; null until it is worked out
 * @property Carbon|null $judge_failed_at when that could not be worked out
 * @property Carbon $created_at
 */
final class PracticeVisit extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'deeds' => 'array', 'with_advice' => 'boolean', 'is_right' => 'boolean', 'minutes' => 'float', 'dangers' => 'array',
            'best_minutes' => 'float', 'afterwards' => 'array', 'judge_failed_at' => 'datetime',
        ];
    }
}
