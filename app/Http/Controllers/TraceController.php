<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\HouseAnswer;
use App\Http\Requests\ObservationRequest;
use App\Http\Requests\TurnBackRequest;
use App\Http\SignedIn;
use App\Models\House;
use App\Pages\HousePage;
use App\Persistence\HouseStore;
use Bouclier\Core\Change\Commands\KeepRuns;
use Bouclier\Core\Change\Commands\WithdrawObservation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The runs of a house: what was seen noted and withdrawn, and what is certain taken over as cables. */
final readonly class TraceController
{
    public function __construct(
        private ChangeHouse $change,
        private HouseStore $store,
    ) {
    }

    public function show(House $house): JsonResponse
    {
        return response()->json(['revision' => $house->revision, 'runs' => HousePage::runs($house, $this->store->load($house))]);
    }

    public function observe(ObservationRequest $request, House $house): JsonResponse
    {
        $user = SignedIn::user($request);

        return HouseAnswer::runs($house, $this->change->by($request->command(), $house, $user));
    }

    public function withdraw(Request $request, House $house, string $entry): JsonResponse
    {
        return HouseAnswer::runs($house, $this->change->by(new WithdrawObservation($entry), $house, SignedIn::user($request)));
    }

    /** From here on verdicts rest on them: the whole house is judged anew. */
    public function keep(TurnBackRequest $request, House $house): JsonResponse
    {
        $after = $this->change->by(new KeepRuns(), $house, SignedIn::user($request), $request->revision());

        return HouseAnswer::judged($house, $after);
    }
}
