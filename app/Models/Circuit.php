<?php

declare(strict_types=1);

namespace App\Models;

/** A circuit at its breaker. */
final class Circuit extends HousePart
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'amps' => 'float',
            'volts' => 'float',
            'poles' => 'integer',
            'handle_tie' => 'boolean',
            'gf_element' => 'boolean',
            'self_test' => 'boolean',
        ];
    }
}
