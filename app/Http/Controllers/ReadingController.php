<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\ReadingRequest;
use App\Models\House;
use App\Models\User;
use App\Persistence\Patch;
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
        return HouseChangeController::answer($request, $house, function (User $user) use ($request, $house): CoreHouse {
            $records = $house->sections->records ?? new \stdClass();
            $readings = is_array($records->readings ?? null) ? $records->readings : [];
            $patch = new Patch('house', '', (object) ['records' => (object) ['readings' => [...$readings, $request->reading($user->name)]]]);

            return $this->change->edit($house, $user, $request->revision(), [$patch]);
        });
    }
}
