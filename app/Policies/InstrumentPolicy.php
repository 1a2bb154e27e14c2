<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Instrument;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** An instrument is its crew's. To everybody else it is not there. */
final class InstrumentPolicy
{
    public function update(User $user, Instrument $instrument): Response
    {
        return $user->crew_id === $instrument->crew_id ? Response::allow() : Response::denyAsNotFound();
    }
}
