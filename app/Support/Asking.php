<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Enums\Role;
use App\Models\User;
use Bouclier\Core\House\LengthUnit;
use Bouclier\Core\Live\Asker;

/** Who asks or does something, and when, as the core wants to know it. */
final class Asking
{
    public static function now(): Asker
    {
        $user = auth()->user();

        return $user instanceof User ? self::of($user) : new Asker(Clock::now());
    }

    public static function of(User $user): Asker
    {
        return new Asker(Clock::now(), $user->name, $user->role === Role::Helper ? $user->id : null);
    }

    /** What who asks wants lengths in; null for what the code of each house goes by. */
    public static function lengthUnit(): ?LengthUnit
    {
        $user = auth()->user();

        return $user instanceof User ? LengthUnit::tryFrom($user->length_unit ?? '') : null;
    }
}
