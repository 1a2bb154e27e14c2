<?php

declare(strict_types=1);

namespace App\Models;

/** A panel or sub-panel. */
final class Panel extends HousePart
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'feeder' => 'object',
        ];
    }
}
