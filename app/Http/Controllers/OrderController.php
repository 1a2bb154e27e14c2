<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\HouseAnswer;
use App\Http\Requests\OrderRequest;
use App\Http\SignedIn;
use App\Models\House;
use Illuminate\Http\JsonResponse;

/** Rooms and outlets moved in the walking order, or taken out. */
final readonly class OrderController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function move(OrderRequest $request, House $house): JsonResponse
    {
        return HouseAnswer::judged(
            $house,
            $this->change->by($request->move(), $house, SignedIn::user($request), $request->revision()),
        );
    }

    public function remove(OrderRequest $request, House $house): JsonResponse
    {
        return HouseAnswer::judged(
            $house,
            $this->change->by($request->removal(), $house, SignedIn::user($request), $request->revision()),
        );
    }
}
