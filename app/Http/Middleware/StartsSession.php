<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Databases\OnlyReading;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/** As the framework does; while the database only reads, a session is what it was. */
final class StartsSession extends StartSession
{
    protected function collectGarbage(Session $session): void
    {
        if (! app(OnlyReading::class)->is()) {
            parent::collectGarbage($session);
        }
    }

    /** @param Request $request */
    protected function saveSession($request): void
    {
        if (! app(OnlyReading::class)->is()) {
            parent::saveSession($request);
        }
    }
}
