<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Crew;
use App\Models\Enums\Role;
use App\Models\House;
use App\Models\Invitation;
use App\Models\User;
use App\Persistence\PhotoRoom;

/** The people of a crew as their page shows them. */
final class PeoplePage
{
    /** @return array<string, mixed> */
    public static function of(Crew $crew, User $me): array
    {
        return [
            'crew' => $crew->name,
            // Bytes of photographs, and how many there is room for.
            'room' => PhotoRoom::of($crew->id),
            'deletesAt' => $crew->deletes_at?->toIso8601String(),
            'people' => $crew->users()->orderBy('name')->get()->map(fn(User $user): array => [
                'id' => $user->id,
                'name' => $user->name,
                'email' => $user->email,
                'role' => $user->role->value,
                'roleName' => $user->role->label(),
                'guest' => $user->role->isGuest(),
                'house' => $user->guest_house_id === null ? null : House::query()->whereKey($user->guest_house_id)->value('name'),
                'until' => $user->guest_until?->toDateString(),
                'me' => $user->id === $me->id,
                'secondStep' => $user->hasSecondStep(),
            ])->all(),
            'invitations' => $crew->invitations()->with('house')->whereNull('accepted_at')->latest()->get()->map(fn(
                Invitation $one,
            ): array => [
                'id' => $one->id,
                'email' => $one->email,
                'roleName' => $one->role->label(),
                'house' => $one->house?->name,
                'open' => $one->isOpen(),
                'mail' => $one->mail(),
                'endsAt' => $one->expires_at->toIso8601String(),
            ])->all(),
            'roles' => array_map(
                fn(Role $role): array => [
                    'value' => $role->value,
                    'label' => $role->label(),
                    'means' => $role->means(),
                    'guest' => $role->isGuest(),
                ],
                Role::cases(),
            ),
            'houses' => $crew
                ->houses()
                ->orderBy('name')
                ->get(['id', 'name'])
                ->map(fn(House $house): array => ['value' => $house->id, 'label' => $house->name])
                ->all(),
        ];
    }
}
