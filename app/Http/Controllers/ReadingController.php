<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\ReadingRequest;
use App\Models\House;
use App\Models\User;
use Bouclier\Core\Exchange\Readings;
use Bouclier\Core\House\House as CoreHouse;
use Illuminate\Http\JsonResponse;

/** Files what an instrument showed with the records of the house. */
final readonly class ReadingController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function store(ReadingRequest $request, House $house): JsonResponse
    {
        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->into(
            $house,
            $user,
            null,
            fn(CoreHouse $core): CoreHouse => Readings::added($core, $request->reading($user->name)),
        ));
    }
}
