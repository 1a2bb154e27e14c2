<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\HouseAnswer;
use App\Http\Requests\BoxStateRequest;
use App\Http\Requests\BreakerRequest;
use App\Http\Requests\LockRequest;
use App\Http\Requests\MainRequest;
use App\Http\Requests\ProofRequest;
use App\Http\SignedIn;
use App\Models\House;
use Bouclier\Core\Change\Happening;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is off, and what is proved dead. Nothing here can be undone, for no breaker turns with it. */
final readonly class LiveController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function turn(BreakerRequest $request, House $house): JsonResponse
    {
        return $this->happened($request, $house, $request->command());
    }

    public function main(MainRequest $request, House $house): JsonResponse
    {
        return $this->happened($request, $house, $request->command());
    }

    public function lock(LockRequest $request, House $house): JsonResponse
    {
        return $this->happened($request, $house, $request->command());
    }

    public function box(BoxStateRequest $request, House $house, string $point): JsonResponse
    {
        return $this->happened($request, $house, $request->command($point));
    }

    public function prove(ProofRequest $request, House $house): JsonResponse
    {
        return $this->happened($request, $house, $request->command());
    }

    private function happened(Request $request, House $house, Happening $happening): JsonResponse
    {
        return HouseAnswer::judged($house, $this->change->by($happening, $house, SignedIn::user($request)));
    }
}
