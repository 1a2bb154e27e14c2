<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Actions\TellHouse;
use App\Http\HouseAnswer;
use App\Http\Once;
use App\Http\Requests\TellRequest;
use App\Http\SignedIn;
use App\Models\House;
use App\Persistence\HouseStore;
use Bouclier\Core\Change\Told;
use Bouclier\Core\House\House as CoreHouse;
use Illuminate\Http\JsonResponse;

/** Everything that is told of a house: which command stands at which address is the core's list to say. */
final readonly class CommandController
{
    public function __construct(private HouseStore $store)
    {
    }

    public function tell(TellRequest $request, House $house, TellHouse $tell): JsonResponse
    {
        $user = SignedIn::user($request);

        return $tell->thoughtThrough($request->told(), $house, fn(Told $command, ?int $onRevision): JsonResponse => $this->once(
            $request,
            $house,
            fn(): array => $tell->told($command, $onRevision, $house, $user, $request->sent()),
        ));
    }

    public function undo(TellRequest $request, House $house, ChangeHouse $change): JsonResponse
    {
        return $this->once($request, $house, fn(): array => [$change->undo($house, SignedIn::user($request), $request->sent()), []]);
    }

    public function redo(TellRequest $request, House $house, ChangeHouse $change): JsonResponse
    {
        return $this->once($request, $house, fn(): array => [$change->redo($house, SignedIn::user($request), $request->sent()), []]);
    }

    /** @param \Closure(): array{CoreHouse, array<string, mixed>} $carryOut */
    private function once(TellRequest $request, House $house, \Closure $carryOut): JsonResponse
    {
        return Once::answered(
            $house,
            SignedIn::user($request),
            $request->sent(),
            $carryOut,
            fn(CoreHouse $after, array $said): JsonResponse => HouseAnswer::to(
                $request->address(),
                $house,
                $after,
                $request->point(),
                $said,
            ),
            fn(): CoreHouse => $this->store->load($house),
        );
    }
}
