<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Cache;

/** What all nodes know: the worker may be on another. */
final class Shared
{
    public static function store(): Repository
    {
        return Cache::store(config()->string('cache.limiter'));
    }
}
