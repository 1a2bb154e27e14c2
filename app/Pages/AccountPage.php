<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Phone;
use App\Models\User;
use App\Support\Asking;
use Bouclier\Sheets\Choices;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Laravel\Sanctum\PersonalAccessToken;

/** One's own account as its page shows it. */
final class AccountPage
{
    /** @return array<string, mixed> */
    public static function of(Request $request, User $user): array
    {
        $sessions = DB::table('sessions')
            ->where('user_id', $user->id)
            ->orderByDesc('last_activity')
            ->get(['id', 'user_agent', 'last_activity']);

        return [
            'email' => $user->email,
            'lengthUnit' => $user->length_unit,
            'lengthUnits' => Choices::lengthUnits(),
            'role' => $user->role->label(),
            'crew' => $user->crew?->name,
            'mayLeave' => $user->crew_id !== null,
            'secondStep' => $user->hasSecondStep()
                ? ['since' => $user->totp_confirmed_at?->toIso8601String(), 'codesLeft' => count($user->recovery_codes ?? [])]
                : null,
            'sessions' => $sessions->map(fn(\stdClass $session): array => [
                'name' => self::sessionName((string) $session->id),
                'device' => self::device((string) $session->user_agent),
                'usedAt' => Carbon::createFromTimestamp((int) $session->last_activity)->toIso8601String(),
                'here' => $session->id === $request->session()->getId(),
            ])->all(),
            'phones' => self::phones($user),
            'tokens' => $user->tokens()->latest()->get()->map(fn(PersonalAccessToken $token): array => [
                'id' => $token->id,
                'name' => $token->name,
                'usedAt' => $token->last_used_at?->toIso8601String(),
            ])->all(),
        ];
    }

    /** @return list<array{id: string, device: string, signedInAt: string|null, lost: bool, here: bool}> */
    private static function phones(User $user): array
    {
        $phones = [];
        foreach (Phone::query()->where('user_id', $user->id)->orderByDesc('signed_in_at')->get() as $phone) {
            $phones[] = [
                'id' => $phone->id,
                'device' => self::device($phone->agent),
                'signedInAt' => $phone->signed_in_at->toIso8601String(),
                'lost' => $phone->lost_at !== null,
                'here' => $phone->id === Asking::phone(),
            ];
        }

        return $phones;
    }

    /** How a session is named outside: the id itself would open it. */
    public static function sessionName(string $id): string
    {
        return substr(hash('sha256', $id), 0, 16);
    }

    /** A phone or a computer, and what it says of its system: as much as tells one's own devices apart. */
    public static function device(string $agent): string
    {
        $kind = str_contains($agent, 'Mobile') ? 'A phone' : 'A computer';

        return preg_match('/\(([^)]{2,})\)/', $agent, $system) === 1 ? "$kind: " . mb_strimwidth($system[1], 0, 48, '…') : $kind;
    }
}
