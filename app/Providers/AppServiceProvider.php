<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict();

        // Guessing a password is slow for one account and for one address; asking for a reset mail too.
        // Addresses of pages for outsiders are long; nobody tries many.
        RateLimiter::for('outside', fn(Request $request): Limit => Limit::perMinute(60)->by($request->ip() ?? ''));
        RateLimiter::for('sign-in', fn(Request $request): array => [
            Limit::perMinute(5)->by('account:' . mb_strtolower($request->string('email')->toString()) . '|' . $request->ip()),
            Limit::perMinute(30)->by('address:' . $request->ip()),
        ]);
    }
}
