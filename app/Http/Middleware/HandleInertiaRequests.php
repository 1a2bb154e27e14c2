<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Databases\OnlyReading;
use App\Models\User;
use Illuminate\Http\Request;
use Inertia\Middleware;

/** What every page gets: who is signed in, and what was just done. */
final class HandleInertiaRequests extends Middleware
{
    protected $rootView = 'app';

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        $user = $request->user();

        return [
            ...parent::share($request),
            'user' => $user instanceof User ? [
                'id' => $user->id,
                'name' => $user->name,
                'crew' => $user->crew?->name,
                'crewDeletesAt' => $user->crew?->deletes_at?->toIso8601String(),
                'feedMark' => $user->crew?->feed_mark,
                'deviceAmps' => $user->crew?->device_amps,
                'role' => $user->role->value,
                'may' => ['work' => $user->role->mayFile(), 'change' => $user->role->mayChange(), 'settle' => $user->role->maySettle()],
            ] : null,
            'onlyReading' => fn(): bool => app(OnlyReading::class)->is(),
            'status' => fn(): mixed => $request->session()->get('status'),
        ];
    }
}
