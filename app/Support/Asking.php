<?php

declare(strict_types=1);

namespace App\Support;

use App\Http\Middleware\NamesPhone;
use App\Models\Enums\Role;
use App\Models\User;
use Bouclier\Core\House\LengthUnit;
use Bouclier\Core\Live\Asker;

/** Who asks or does something, when and on which phone, as the core wants to know it. */
final class Asking
{
    public static function now(): Asker
    {
        $user = auth()->user();

        return $user instanceof User ? self::of($user) : new Asker(Clock::now());
    }

    public static function of(User $user, Sent $sent = new Sent()): Asker
    {
        $now = Clock::now();

        return new Asker(
            // Nothing was done later than now, whatever a phone's clock says.
            $sent->at === null ? $now : min($sent->at, $now),
            $user->name,
            $user->role === Role::Helper ? $user->id : null,
            LengthUnit::tryFrom($user->length_unit ?? ''),
            $sent->id,
            $sent->gave,
            $sent->isLate,
        );
    }

    /** What who asks wants lengths in; null for what the code of each house goes by. */
    public static function lengthUnit(): ?LengthUnit
    {
        $user = auth()->user();

        return $user instanceof User ? LengthUnit::tryFrom($user->length_unit ?? '') : null;
    }

    /** The phone, or other browser, that asks; null where it has no name yet. */
    public static function phone(): ?string
    {
        return NamesPhone::of(request());
    }
}
