<?php

declare(strict_types=1);

use App\Http\Middleware\HandleInertiaRequests;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php', api: __DIR__ . '/../routes/api.php', health: '/up')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->web(append: [HandleInertiaRequests::class, SecurityHeaders::class]);
        $middleware->redirectUsersTo('/houses');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // What a house does not have is not found, whoever asks for it.
        $exceptions->map(OutOfBoundsException::class, fn(OutOfBoundsException $missing): NotFoundHttpException => new NotFoundHttpException("{$missing->getMessage()}.", $missing));
    })
    ->create();
