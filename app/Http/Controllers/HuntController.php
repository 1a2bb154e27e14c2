<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SearchBreaker;
use App\Http\Requests\HuntRequest;
use App\Http\SignedIn;
use App\Models\House;
use App\Pages\HousePage;
use App\Persistence\HouseStore;
use Bouclier\Sheets\HuntSheet;
use Illuminate\Http\JsonResponse;

/** Two phones at the panel, and the pulse by which one notices what the other did. */
final readonly class HuntController
{
    public function __construct(
        private SearchBreaker $search,
        private HouseStore $store,
    ) {
    }

    /** Asked about once a second: at which revision the house is, and the search that is under way. */
    public function pulse(House $house): JsonResponse
    {
        $hunt = $house->hunt()->with('user')->first();
        $revision = (int) House::query()->whereKey($house->id)->value('revision');

        return response()->json([
            'revision' => $revision,
            'hunt' => $hunt === null ? null : HousePage::hunt($hunt, $this->store->load($house)),
        ]);
    }

    public function candidates(House $house, string $point): JsonResponse
    {
        return response()->json(HuntSheet::breakersOf($this->store->load($house), $point));
    }

    public function begin(HuntRequest $request, House $house): JsonResponse
    {
        $this->search->begin($house, SignedIn::user($request), $request->point());

        return $this->pulse($house);
    }

    public function flipped(HuntRequest $request, House $house): JsonResponse
    {
        $this->search->flipped($house, SignedIn::user($request), $request->step());

        return $this->pulse($house);
    }

    public function looked(HuntRequest $request, House $house): JsonResponse
    {
        $this->search->looked($house, SignedIn::user($request), $request->step(), $request->wentOut());

        return $this->pulse($house);
    }

    public function end(House $house): JsonResponse
    {
        $house->hunt()->delete();

        return $this->pulse($house);
    }
}
