<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use App\Support\Totp;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** A code of the second step, of the half minute or one of those on paper. Each once: what was read over a shoulder opens nothing. */
final class TakeCode
{
    /** @return User|null null where the code is not right, or was used before */
    public function __invoke(string $user, string $code): ?User
    {
        return DB::transaction(function () use ($user, $code): ?User {
            $locked = User::query()->lockForUpdate()->findOrFail($user);

            return self::isTaken($locked, $code) ? $locked : null;
        });
    }

    private static function isTaken(User $user, string $code): bool
    {
        $step = preg_match('/^\d{6}$/', $code) === 1 ? Totp::stepOf((string) $user->totp_secret, $code, $user->totp_last_step) : null;
        if ($step !== null) {
            return $user->update(['totp_last_step' => $step]);
        }
        foreach ($user->recovery_codes ?? [] as $place => $hash) {
            if (Hash::check($code, $hash)) {
                $left = $user->recovery_codes ?? [];
                unset($left[$place]);

                return $user->update(['recovery_codes' => array_values($left)]);
            }
        }

        return false;
    }
}
