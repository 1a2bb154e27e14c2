<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Jurisdiction;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A jurisdiction is its crew's own record of a place. To everybody else it is not there. */
final class JurisdictionPolicy
{
    public function update(User $user, Jurisdiction $jurisdiction): Response
    {
        return $user->crew_id === $jurisdiction->crew_id ? Response::allow() : Response::denyAsNotFound();
    }
}
