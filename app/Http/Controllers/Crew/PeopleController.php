<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Http\Requests\CrewNameRequest;
use App\Http\Requests\RoleRequest;
use App\Http\SignedIn;
use App\Models\Crew;
use App\Models\Enums\Role;
use App\Models\User;
use App\Pages\PeoplePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Who is in the crew, and as what. A crew always has an owner. */
final class PeopleController
{
    public function index(Request $request): Response
    {
        return Inertia::render('People', PeoplePage::of(SignedIn::crew($request), SignedIn::user($request)));
    }

    /** Another role; making somebody an owner is how a crew is handed over. */
    public function update(RoleRequest $request, string $person): RedirectResponse
    {
        $role = $request->role();
        $this->kept($request, $person, function (User $found) use ($role): void {
            if ($found->role->isGuest()) {
                throw ValidationException::withMessages(['role' => 'A guest stays a guest: ask them in anew.']);
            }
            $found->update(['role' => $role]);
        });

        return back();
    }

    /** Taken out of the crew: signed out everywhere, their facts keep their name. */
    public function destroy(Request $request, string $person): RedirectResponse
    {
        $this->kept($request, $person, fn(User $found) => $found->leaveCrew());

        return back();
    }

    public function leave(Request $request): RedirectResponse
    {
        $this->kept($request, SignedIn::user($request)->id, fn(User $found) => $found->leaveCrew());

        return redirect('/no-crew');
    }

    /** Somebody without a crew begins one. */
    public function begin(CrewNameRequest $request): RedirectResponse
    {
        $user = SignedIn::user($request);
        abort_if($user->crew_id !== null, 422, 'You are in a crew already.');
        DB::transaction(
            fn() => $user->update([
                'crew_id' => Crew::query()->create(['name' => $request->string('name')->toString()])->id,
                'role' => Role::Owner,
            ]),
        );

        return redirect('/houses');
    }

    /** @param \Closure(User): mixed $change refused when it leaves the crew without an owner */
    private function kept(Request $request, string $person, \Closure $change): void
    {
        $crew = SignedIn::crew($request);
        DB::transaction(function () use ($crew, $person, $change): void {
            Crew::query()->lockForUpdate()->findOrFail($crew->id);
            $change($crew->users()->findOrFail($person));
            if (! $crew->users()->where('role', Role::Owner)->exists()) {
                throw ValidationException::withMessages([
                    'role' => 'A crew has an owner: make somebody else one first, or delete the crew.',
                ]);
            }
        });
    }
}
