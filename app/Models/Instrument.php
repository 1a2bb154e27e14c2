<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A tester or meter of a crew.
 *
 * @property string $id
 * @property string $crew_id
 * @property string $name
 * @property list<string> $lamps its lamps from left to right: hn, hg, ng
 * @property bool $has_button
 * @property bool $shows_volts
 * @property bool $shows_time
 * @property string|null $serial
 * @property Carbon|null $calibrated_on
 */
final class Instrument extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'lamps' => 'array', 'has_button' => 'boolean', 'shows_volts' => 'boolean', 'shows_time' => 'boolean',
            'calibrated_on' => 'date',
        ];
    }
}
