<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A reading that a meter's bridge has sent, waiting to be filed.
 *
 * @property string $id
 * @property string $crew_id
 * @property string $instrument
 * @property object $reading volts with between, or ma, or trip_ms
 * @property Carbon|null $filed_at
 * @property Carbon $created_at
 */
final class MeterReading extends Model
{
    use HasUlids;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['reading' => 'object', 'filed_at' => 'datetime'];
    }
}
