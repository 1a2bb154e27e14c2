<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\House;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A house is its crew's, and within it everybody's by role. To everybody else it is not there. */
final class HousePolicy
{
    public function view(User $user, House $house): Response
    {
        $isTheirs = $user->crew_id !== null && $user->crew_id === $house->crew_id;
        $isShown = ! $user->role->isGuest() || ($user->guest_house_id === $house->id && ! $user->isOver());

        return $isTheirs && $isShown ? Response::allow() : Response::denyAsNotFound();
    }

    /** Facts: what was read, seen, turned or proved. */
    public function file(User $user, House $house): Response
    {
        $seen = $this->view($user, $house);

        return match (true) {
            $seen->denied() => $seen,
            $user->role->mayFile() => $seen,
            default => Response::deny('You see this house; you change nothing in it.'),
        };
    }

    /** The house itself. */
    public function update(User $user, House $house): Response
    {
        $seen = $this->view($user, $house);

        return match (true) {
            $seen->denied() => $seen,
            $user->role->mayChange() => $seen,
            $user->role->mayFile() => Response::deny('A helper files facts; this is for an electrician of the crew.'),
            default => Response::deny('You see this house; you change nothing in it.'),
        };
    }
}
