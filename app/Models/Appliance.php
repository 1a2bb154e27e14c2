<?php

declare(strict_types=1);

namespace App\Models;

/** Something plugged in or standing by. */
final class Appliance extends HousePart
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'watts' => 'float',
            'volts' => 'float',
            'on' => 'boolean',
            'extension' => 'boolean',
            'leakage' => 'object',
            'critical' => 'boolean',
            'measured' => 'boolean',
        ];
    }
}
