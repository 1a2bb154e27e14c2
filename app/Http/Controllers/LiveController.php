<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\BoxStateRequest;
use App\Http\Requests\BreakerRequest;
use App\Http\Requests\LockRequest;
use App\Http\Requests\MainRequest;
use App\Http\Requests\ProofRequest;
use App\Models\House;
use App\Models\User;
use App\Sheets\Asks;
use App\Support\Clock;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Live\Locking;
use Bouclier\Core\Live\OpenBoxes;
use Bouclier\Core\Live\Proving;
use Bouclier\Core\Live\Switching;
use Illuminate\Http\JsonResponse;

/** What is off, and what is proved dead. Nothing here can be undone, for no breaker turns with it. */
final readonly class LiveController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function turn(BreakerRequest $request, House $house): JsonResponse
    {
        $on = $request->isOn();

        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->happened(
            $house,
            $user,
            fn(CoreHouse $core): CoreHouse => Switching::turned($core, $core->circuit($request->circuit()), $on, $user->name, Clock::now()),
            'A breaker turned ' . ($on ? 'on' : 'off'),
        ));
    }

    /** The main of a panel: with it goes everything behind it, whatever the breakers say. */
    public function main(MainRequest $request, House $house): JsonResponse
    {
        $on = $request->isOn();

        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->happened(
            $house,
            $user,
            fn(CoreHouse $core): CoreHouse => Switching::mainTurned($core, $core->panel($request->panel()), $on, $user->name, Clock::now()),
            'A main turned ' . ($on ? 'on' : 'off'),
        ));
    }

    public function lock(LockRequest $request, House $house): JsonResponse
    {
        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->happened(
            $house,
            $user,
            fn(CoreHouse $core): CoreHouse => Locking::locked(
                $core,
                $core->circuit($request->circuit()),
                $request->isTag(),
                $request->key(),
                $user->name,
                Clock::now(),
            ),
            $request->isTag() ? 'A breaker tagged' : 'A breaker locked',
        ));
    }

    /** How far a box is taken apart, or that it is made up again. */
    public function box(BoxStateRequest $request, House $house, string $point): JsonResponse
    {
        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->happened(
            $house,
            $user,
            fn(CoreHouse $core): CoreHouse => OpenBoxes::noted($core, $core->point($point), $request->state(), $user->name, Clock::now()),
            $request->state()->label(),
        ));
    }

    public function prove(ProofRequest $request, House $house): JsonResponse
    {
        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->happened(
            $house,
            $user,
            fn(CoreHouse $core): CoreHouse => Proving::proved(
                $core,
                $core->point($request->point()),
                $request->way(),
                $request->knownLive('live_before'),
                $request->dead(),
                $request->knownLive('live_after'),
                Asks::of($user),
            ),
            'Proved dead',
        ));
    }
}
