<?php

declare(strict_types=1);

namespace App\Models;

/** A run of cable. */
final class Cable extends HousePart
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'from_land' => 'object',
            'from_x' => 'object',
            'to_land' => 'object',
            'to_x' => 'object',
            'awg' => 'integer',
            'length_ft' => 'float',
            'conductors' => 'integer',
            'ground' => 'boolean',
            'added' => 'boolean',
            'strap_ft' => 'float',
            'colours' => 'object',
        ];
    }
}
