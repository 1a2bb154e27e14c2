<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Databases\OnlyReading;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/**
 * As the framework does; while the database only reads, a session is what it was. What a page asks for beside itself leaves it, too: it may
 * take seconds, and written back as it stood before, the session would lose what a form was refused for meanwhile, and the form what was
 * typed into it.
 */
final class StartsSession extends StartSession
{
    private const AS_BEGUN = 'session as it was begun';

    protected function collectGarbage(Session $session): void
    {
        if (! app(OnlyReading::class)->is()) {
            parent::collectGarbage($session);
        }
    }

    /** @param Session $session */
    protected function startSession(Request $request, $session): Session
    {
        $begun = parent::startSession($request, $session);
        $request->attributes->set(self::AS_BEGUN, [$begun->getId(), $begun->all()]);

        return $begun;
    }

    /** @param Session $session */
    protected function storeCurrentUrl(Request $request, $session): void
    {
        if (! self::isBeside($request)) {
            parent::storeCurrentUrl($request, $session);
        }
    }

    /** @param Request $request */
    protected function saveSession($request): void
    {
        if (! app(OnlyReading::class)->is() && ! $this->isLeft($request)) {
            parent::saveSession($request);
        }
    }

    /** Whether a session that nothing was done to is left as it stands now, but for when somebody was there last. */
    private function isLeft(Request $request): bool
    {
        $session = $request->session();
        if (! self::isBeside($request) || $request->attributes->get(self::AS_BEGUN) !== [$session->getId(), $session->all()]) {
            return false;
        }
        $kept = (string) $session->getHandler()->read($session->getId());

        return $kept !== '' && $session->getHandler()->write($session->getId(), $kept);
    }

    /** What a page asks for while it stays where it is: a browser says so of a photograph, and of a page that is only kept. */
    private static function isBeside(Request $request): bool
    {
        return ! $request->hasHeader('X-Inertia')
            && ($request->expectsJson() || $request->headers->get('Sec-Fetch-Dest', 'document') !== 'document');
    }
}
