<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\HouseAnswer;
use App\Http\Requests\ReadingRequest;
use App\Http\SignedIn;
use App\Models\House;
use Illuminate\Http\JsonResponse;

/** Files what an instrument showed with the records of the house. */
final readonly class ReadingController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function store(ReadingRequest $request, House $house): JsonResponse
    {
        $user = SignedIn::user($request);

        return HouseAnswer::judged($house, $this->change->by($request->command(), $house, $user));
    }
}
