<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Actions\ConcludeCall;
use App\Http\HouseAnswer;
use App\Http\Requests\AnswersRequest;
use App\Http\Requests\CallRequest;
use App\Http\Requests\CallTestsRequest;
use App\Http\Requests\CannotRequest;
use App\Http\Requests\CloseCallRequest;
use App\Http\SignedIn;
use App\Models\House;
use App\Pages\HousePage;
use App\Persistence\HouseStore;
use Bouclier\Core\Change\Command;
use Bouclier\Core\Change\Commands\FileTests;
use Bouclier\Core\Change\Commands\WithdrawTest;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A call from its first words to its closing: what is told, what is tested, what cannot be done. */
final readonly class CallController
{
    public function __construct(
        private ChangeHouse $change,
        private HouseStore $store,
    ) {
    }

    public function show(House $house): JsonResponse
    {
        return response()->json(['revision' => $house->revision, 'trips' => HousePage::trips($house, $this->store->load($house))]);
    }

    public function tell(CallRequest $request, House $house): JsonResponse
    {
        return $this->changed($request, $house, $request->command());
    }

    /** What was answered on the phone, asked by the crew itself. */
    public function answers(AnswersRequest $request, House $house): JsonResponse
    {
        return $this->changed($request, $house, $request->command());
    }

    public function test(CallTestsRequest $request, House $house): JsonResponse
    {
        $tests = new FileTests($request->tests());

        return HouseAnswer::call($house, $this->change->byAll([$tests, ...$tests->turned()], $house, SignedIn::user($request)));
    }

    public function withdraw(Request $request, House $house, string $entry): JsonResponse
    {
        return $this->changed($request, $house, new WithdrawTest($entry));
    }

    public function cannot(CannotRequest $request, House $house): JsonResponse
    {
        return $this->changed($request, $house, $request->command());
    }

    public function close(CloseCallRequest $request, House $house, ConcludeCall $conclude): JsonResponse
    {
        return HouseAnswer::call(
            $house,
            $conclude($house, SignedIn::user($request), $request->said('note'), $request->said('left'), $request->said('due')),
        );
    }

    private function changed(Request $request, House $house, Command $command): JsonResponse
    {
        return HouseAnswer::call($house, $this->change->by($command, $house, SignedIn::user($request)));
    }
}
