<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * One measured way from a point to a fixture.
 *
 * @property string $id
 * @property string $point_id
 * @property string $fixture_id
 * @property float $ft
 * @property string|null $crosses
 * @property string|null $measured
 * @property object|null $x
 */
final class Distance extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ft' => 'float', 'x' => 'object'];
    }
}
