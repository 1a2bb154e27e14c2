<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\NoteRequest;
use App\Models\House;
use App\Models\User;
use App\Sheets\BoxSheet;
use App\Support\Clock;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Records\Records;
use Illuminate\Http\JsonResponse;

/** What was seen at an outlet and fits no field: with a time and a name, as everything seen. */
final readonly class NoteController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function store(NoteRequest $request, House $house, string $point): JsonResponse
    {
        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->into(
            $house,
            $user,
            null,
            fn(CoreHouse $core): CoreHouse => Records::added(
                $core,
                'notes',
                (object) ['point' => $core->point($point)->id, 'text' => $request->text(), 'at_time' => Clock::now(), 'who' => $user->name],
            ),
            'A note added',
        ), shown: BoxSheet::shown($point));
    }
}
