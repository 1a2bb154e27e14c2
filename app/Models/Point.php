<?php

declare(strict_types=1);

namespace App\Models;

/** A receptacle, light, switch, hard-wired outlet or junction. */
final class Point extends HousePart
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'amps' => 'float',
            'volts' => 'float',
            'accessible' => 'boolean',
            'height_ft' => 'float',
            'distances_said' => 'boolean',
            'box' => 'object',
            'halves' => 'object',
            'feed_through_amps' => 'float',
            'made_between' => 'array',
            'self_test' => 'boolean',
            'alone' => 'boolean',
            'tub_zone' => 'object',
            'labels' => 'array',
            'tr' => 'boolean',
            'wr' => 'boolean',
            'part_of_appliance' => 'boolean',
            'factory_fitted' => 'boolean',
            'gf_element' => 'boolean',
        ];
    }
}
