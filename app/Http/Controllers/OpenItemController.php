<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\HouseAnswer;
use App\Http\Requests\EvidenceRequest;
use App\Http\Requests\OpenItemRequest;
use App\Http\SignedIn;
use App\Models\House;
use Illuminate\Http\JsonResponse;

/** What is still to be done in a house, and its closing with evidence. */
final readonly class OpenItemController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function store(OpenItemRequest $request, House $house): JsonResponse
    {
        $user = SignedIn::user($request);

        return HouseAnswer::judged($house, $this->change->by($request->command(), $house, $user));
    }

    public function close(EvidenceRequest $request, House $house, string $entry): JsonResponse
    {
        return HouseAnswer::judged($house, $this->change->by($request->command($entry), $house, SignedIn::user($request)));
    }
}
