<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\OrderRequest;
use App\Models\House;
use App\Models\User;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Survey\Removal;
use Bouclier\Core\Survey\WalkingOrder;
use Illuminate\Http\JsonResponse;

/** Rooms and outlets moved in the walking order, or taken out. */
final readonly class OrderController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function move(OrderRequest $request, House $house): JsonResponse
    {
        $before = $request->before();

        return $this->changed($request, $house, fn(CoreHouse $core): CoreHouse => $request->isRoom()
            ? WalkingOrder::room($core, $core->area($request->part()), $before === null ? null : $core->area($before))
            : WalkingOrder::outlet($core, $core->point($request->part()), $before === null ? null : $core->point($before)));
    }

    public function remove(OrderRequest $request, House $house): JsonResponse
    {
        return $this->changed($request, $house, fn(CoreHouse $core): CoreHouse => $request->isRoom()
            ? Removal::room($core, $core->area($request->part()))
            : Removal::outlet($core, $core->point($request->part())));
    }

    /** @param \Closure(CoreHouse): CoreHouse $change */
    private function changed(OrderRequest $request, House $house, \Closure $change): JsonResponse
    {
        return HouseChangeController::answer(
            $request,
            $house,
            fn(User $user): CoreHouse => $this->change->into($house, $user, $request->revision(), $change),
        );
    }
}
