<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Databases\Replica;
use App\Http\HouseAnswer;
use App\Http\Requests\TurnBackRequest;
use App\Http\SignedIn;
use App\Models\House;
use App\Models\Revision;
use App\Pages\HousePage;
use App\Persistence\HouseHistory;
use Illuminate\Http\JsonResponse;
use Inertia\Inertia;
use Inertia\Response;

/** Every change of a house, the house as it was after any of them, and going back to one as a change of its own. */
final readonly class HistoryController
{
    private const PAGE = 100;

    public function __construct(
        private HouseHistory $history,
        private ChangeHouse $change,
    ) {
    }

    public function index(House $house): Response
    {
        $revisions = Replica::reading(fn() => Revision::query()->where('house_id', $house->id)->with('user')
            ->orderByDesc('number')->paginate(self::PAGE));

        return Inertia::render('houses/History', [
            'house' => [
                'id' => $house->id,
                'name' => $house->name,
                'revision' => $house->revision,
                'takenIn' => $house->created_at?->toIso8601String(),
            ],
            'revisions' => array_map(HousePage::revision(...), $revisions->items()),
            'older' => $revisions->nextPageUrl(),
            'newer' => $revisions->previousPageUrl(),
        ]);
    }

    public function show(House $house, int $number): Response
    {
        return Inertia::render('houses/Revision', [
            'number' => $number,
            'current' => $house->revision,
            'sheet' => HousePage::past($house, $this->history->at($house, $number)),
        ]);
    }

    public function restore(TurnBackRequest $request, House $house, int $number): JsonResponse
    {
        $user = SignedIn::user($request);
        $after = $this->change->restore($house, $user, $request->revision(), $number, $this->history->at($house, $number));

        return HouseAnswer::judged($house, $after);
    }
}
