<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\ObservationRequest;
use App\Http\Requests\TurnBackRequest;
use App\Models\House;
use App\Models\User;
use App\Persistence\HouseStore;
use App\Sheets\HouseSheet;
use App\Sheets\Judged;
use App\Sheets\RunsSheet;
use App\Support\Clock;
use Bouclier\Core\Exchange\ObservationReader;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\Feed\Observed\ObservationList;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\Feed\Trace\TracedCables;
use Bouclier\Core\Feed\Trace\Tracer;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Live\OpenBoxes;
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
        return response()->json(['revision' => $house->revision, 'runs' => RunsSheet::of(Judged::by($house, $this->store->load($house)))]);
    }

    /** Answers with the runs alone: the next step is wanted at once, and verdicts do not rest on observations. */
    public function observe(ObservationRequest $request, House $house): JsonResponse
    {
        return HouseChangeController::answer($request, $house, function (User $user) use ($request, $house): CoreHouse {
            $seen = $request->observation($user->name);

            return $this->change->into($house, $user, null, function (CoreHouse $core) use ($seen, $user): CoreHouse {
                $after = ObservationList::added($core, $seen);
                ObservationReader::of($after);

                return OpenBoxes::observed($after, $seen, $user->name, Clock::now());
            }, $this->spoken($house, $seen));
        }, shown: self::runs(...));
    }

    public function withdraw(Request $request, House $house, string $entry): JsonResponse
    {
        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->into(
            $house,
            $user,
            null,
            fn(CoreHouse $core): CoreHouse => ObservationList::withdrawn($core, $entry),
            'An observation withdrawn',
        ), shown: self::runs(...));
    }

    /** From here on verdicts rest on them: the whole house is judged anew. */
    public function keep(TurnBackRequest $request, House $house): JsonResponse
    {
        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->into(
            $house,
            $user,
            $request->revision(),
            fn(CoreHouse $core): CoreHouse => TracedCables::into($core, (new Tracer($core, Observations::of($core)->seen))->trace()),
        ));
    }

    /** @return array<string, mixed> */
    private static function runs(House $house, CoreHouse $core): array
    {
        return ['house' => HouseSheet::head($house, $core), 'runs' => RunsSheet::of(Judged::by($house, $core))];
    }

    private function spoken(House $house, \stdClass $seen): ?string
    {
        $core = $this->store->load($house);
        $read = Observations::of($core->with(sections: ['observations' => [...ObservationList::of($core), $seen]]));
        $last = count(ObservationList::of($core));

        return isset($read->seen[$last]) ? $read->seen[$last]->spoken(new Codes($core)) : null;
    }
}
