<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\PracticeVisit;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** How a case went is of who worked on it. To everybody else it is not there. */
final class PracticeVisitPolicy
{
    public function view(User $user, PracticeVisit $visit): Response
    {
        return $user->id === $visit->user_id ? Response::allow() : Response::denyAsNotFound();
    }
}
