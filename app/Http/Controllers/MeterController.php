<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MeterNameRequest;
use App\Http\Requests\MeterReadingRequest;
use App\Http\SignedIn;
use App\Models\MeterReading;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Readings that arrive from a meter by its bridge. They wait with the crew until somebody files them where the meter was held. */
final class MeterController
{
    /** What a bridge may do with its token, and nothing else. */
    public const MAY_SEND = 'readings:send';

    private const MOST_TOKENS = 20;

    /** Minutes after which a reading nobody filed is no longer offered. */
    private const WAITS_MINUTES = 15;

    /** A new token for a bridge, named after it and shown once. */
    public function token(MeterNameRequest $request): JsonResponse
    {
        $user = SignedIn::user($request);
        abort_if($user->tokens()->count() >= self::MOST_TOKENS, 422, 'That is enough meters: end a token that is not used any more.');

        return response()->json(['token' => $user->createToken($request->string('name')->toString(), [self::MAY_SEND])->plainTextToken]);
    }

    public function endToken(Request $request, string $token): RedirectResponse
    {
        SignedIn::user($request)->tokens()->whereKey($token)->delete();

        return back();
    }

    public function send(MeterReadingRequest $request): JsonResponse
    {
        $user = $request->user('sanctum');
        abort_unless($user instanceof User && $user->tokenCan(self::MAY_SEND) && $user->crew_id !== null && $user->role->mayFile(), 403);
        $reading = MeterReading::query()->create([
            'crew_id' => $user->crew_id,
            'instrument' => $request->string('instrument')->toString(),
            'reading' => $request->reading(),
        ]);

        return response()->json(['id' => $reading->id], 201);
    }

    public function arrivals(Request $request): JsonResponse
    {
        $waiting = MeterReading::query()
            ->where('crew_id', SignedIn::user($request)->crew_id)
            ->whereNull('filed_at')
            ->where('created_at', '>', now()->subMinutes(self::WAITS_MINUTES))
            ->latest('created_at')
            ->limit(5)
            ->get();

        return response()->json(
            $waiting->map(
                fn(MeterReading $one): array => [
                    'id' => $one->id,
                    'instrument' => $one->instrument,
                    'at' => $one->created_at->toIso8601String(),
                    ...get_object_vars($one->reading),
                ],
            ),
        );
    }

    /** Filed with a house, or put away. */
    public function taken(Request $request, string $reading): JsonResponse
    {
        MeterReading::query()->where('crew_id', SignedIn::user($request)->crew_id)->findOrFail($reading)->update(['filed_at' => now()]);

        return $this->arrivals($request);
    }
}
