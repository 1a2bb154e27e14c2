<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\HouseAnswer;
use App\Http\Requests\NoteRequest;
use App\Http\SignedIn;
use App\Models\House;
use Illuminate\Http\JsonResponse;

/** What was seen at an outlet and fits no field: with a time and a name, as everything seen. */
final readonly class NoteController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function store(NoteRequest $request, House $house, string $point): JsonResponse
    {
        return HouseAnswer::box($house, $this->change->by($request->command($point), $house, SignedIn::user($request)), $point);
    }
}
