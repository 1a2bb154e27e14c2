<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\House;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A house is its crew's. To everybody else it is not there. */
final class HousePolicy
{
    public function view(User $user, House $house): Response
    {
        return $this->ofTheCrew($user, $house);
    }

    public function update(User $user, House $house): Response
    {
        return $this->ofTheCrew($user, $house);
    }

    private function ofTheCrew(User $user, House $house): Response
    {
        return $user->crew_id === $house->crew_id ? Response::allow() : Response::denyAsNotFound();
    }
}
