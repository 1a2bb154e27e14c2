<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A local authority as the crew knows it: the edition it has adopted, and its amendments as a house file writes them.
 *
 * @property string $id
 * @property string $crew_id
 * @property string $name
 * @property string $edition
 * @property list<array<string, mixed>> $amendments
 */
final class Jurisdiction extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['amendments' => 'array'];
    }
}
