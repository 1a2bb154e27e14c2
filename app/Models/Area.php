<?php

declare(strict_types=1);

namespace App\Models;

/** A room or a place outdoors. */
final class Area extends HousePart
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'finished' => 'boolean',
            'fixtures_said' => 'boolean',
        ];
    }
}
