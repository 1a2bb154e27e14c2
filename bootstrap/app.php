<?php

declare(strict_types=1);

use App\Exceptions;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\MetricsController;
use App\Http\Middleware\FiniteNumbers;
use App\Http\Middleware\HandleInertiaRequests;
use App\Http\Middleware\InCrew;
use App\Http\Middleware\NamesPhone;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\Watches;
use App\Http\Middleware\WipesLostPhones;
use App\Http\Middleware\WrongTokens;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions as Configuration;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__ . '/../routes/web.php',
        api: __DIR__ . '/../routes/api.php',
        commands: __DIR__ . '/../routes/console.php',
        // Outside every group: it needs no session, which is in the database too.
        then: function (): void {
            Route::get('/up', HealthController::class);
            Route::get('/metrics', MetricsController::class);
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend(Watches::class);
        $middleware->append([SecurityHeaders::class, FiniteNumbers::class]);
        $middleware->web(append: [NamesPhone::class, WipesLostPhones::class, HandleInertiaRequests::class]);
        $middleware->prependToPriorityList(before: AuthenticatesRequests::class, prepend: WrongTokens::class);
        $middleware->alias(['crew' => InCrew::class]);
        $middleware->redirectUsersTo('/houses');
        $middleware->trustHosts(
            at: fn(): array => ['^' . preg_quote((string) parse_url(config()->string('app.url'), PHP_URL_HOST), '/') . '$'],
            subdomains: false,
        );
    })
    ->withExceptions(fn(Configuration $exceptions) => Exceptions::configure($exceptions))
    ->create();
