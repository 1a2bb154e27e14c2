<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\EvidenceRequest;
use App\Http\Requests\OpenItemRequest;
use App\Models\House;
use App\Models\User;
use App\Support\Clock;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Records\OpenItems;
use Illuminate\Http\JsonResponse;

/** What is still to be done in a house, and its closing with evidence. */
final readonly class OpenItemController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function store(OpenItemRequest $request, House $house): JsonResponse
    {
        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->into(
            $house,
            $user,
            null,
            fn(CoreHouse $core): CoreHouse => OpenItems::added($core, $request->item($user->name)),
        ));
    }

    public function close(EvidenceRequest $request, House $house, string $entry): JsonResponse
    {
        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->into(
            $house,
            $user,
            null,
            fn(CoreHouse $core): CoreHouse => OpenItems::closed($core, $entry, $request->evidence(), $user->name, Clock::now()),
        ));
    }
}
