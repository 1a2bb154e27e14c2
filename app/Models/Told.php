<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A command that came in by its own id, with what was answered. Kept for {@see self::DAYS}: longer than a phone is without a signal.
 *
 * @property int $status 200, or that of the refusal
 * @property \stdClass $said what was said beside the house; of a refusal, all of it
 */
final class Told extends Model
{
    public const DAYS = 30;

    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'commands';

    protected $guarded = [];

    public static function before(House $house, ?string $id): ?self
    {
        return $id === null ? null : self::query()->where('house_id', $house->id)->where('id', $id)->first();
    }

    public function isRefused(): bool
    {
        return $this->status !== 200;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['said' => 'object', 'status' => 'integer'];
    }
}
