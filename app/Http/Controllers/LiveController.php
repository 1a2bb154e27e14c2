<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\BreakerRequest;
use App\Http\Requests\ProofRequest;
use App\Models\House;
use App\Models\User;
use Bouclier\Core\House\House as CoreHouse;
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
            fn(CoreHouse $core): CoreHouse => Switching::turned($core, $core->circuit($request->circuit()), $on, $user->name, now()->format('Y-m-d\TH:i:s\Z')),
            'A breaker turned ' . ($on ? 'on' : 'off'),
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
                $request->knownLive('live_before'),
                $request->dead(),
                $request->knownLive('live_after'),
                $user->name,
                now()->format('Y-m-d\TH:i:s\Z'),
            ),
            'Proved dead',
        ));
    }
}
