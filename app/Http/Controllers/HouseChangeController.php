<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\HouseAnswer;
use App\Http\Requests\ChangeRequest;
use App\Http\Requests\TurnBackRequest;
use App\Http\SignedIn;
use App\Models\House;
use Illuminate\Http\JsonResponse;

/** Edits, undo and redo. Each answers with the whole house judged afresh. */
final readonly class HouseChangeController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function store(ChangeRequest $request, House $house): JsonResponse
    {
        $after = $this->change->by($request->command(), $house, SignedIn::user($request), $request->revision());

        return HouseAnswer::judged($house, $after);
    }

    public function undo(TurnBackRequest $request, House $house): JsonResponse
    {
        return HouseAnswer::judged($house, $this->change->undo($house, SignedIn::user($request), $request->revision()));
    }

    public function redo(TurnBackRequest $request, House $house): JsonResponse
    {
        return HouseAnswer::judged($house, $this->change->redo($house, SignedIn::user($request), $request->revision()));
    }
}
