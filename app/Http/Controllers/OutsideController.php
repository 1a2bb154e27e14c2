<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BeginTrial;
use App\Actions\ChangeHouse;
use App\Actions\TakeAnswers;
use App\Http\HouseAnswer;
use App\Http\Requests\PageAnswersRequest;
use App\Http\Requests\TrialRequest;
use App\Http\SignedIn;
use App\Models\Enums\LinkPurpose;
use App\Models\House;
use App\Models\OutsideLink;
use App\Pages\OutsidePage;
use App\Persistence\HouseStore;
use Bouclier\Core\Change\Commands\EndTrial;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Words\Questions;
use Bouclier\Core\House\House as CoreHouse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;

/**
 * Pages left with somebody outside the crew: questions before the visit, the log of a trial. Who has the address sees that page and nothing
 * else, until it ends.
 */
final readonly class OutsideController
{
    public function __construct(private HouseStore $store)
    {
    }

    public function ask(Request $request, House $house): JsonResponse
    {
        $wrong = [];
        $core = $this->store->load($house);
        $symptom = OpenCall::isOpen($core) ? Symptom::of($core, $wrong) : null;
        OutsideLink::leave(
            $house,
            SignedIn::user($request),
            LinkPurpose::Questions,
            ['questions' => Questions::of($symptom)],
            LinkPurpose::Questions->daysOpen(),
        );

        return HouseAnswer::call($house, $core);
    }

    public function begin(TrialRequest $request, House $house, BeginTrial $begin): JsonResponse
    {
        $user = SignedIn::user($request);

        return HouseAnswer::call($house, $begin($house, $user, $request->tests(), $request->rule()));
    }

    /** What came back goes into the call, once. */
    public function take(Request $request, House $house, string $link, TakeAnswers $take): JsonResponse
    {
        return HouseAnswer::call($house, $take($house, SignedIn::user($request), $link));
    }

    public function withdraw(Request $request, House $house, string $link, ChangeHouse $change): JsonResponse
    {
        $found = OutsideLink::query()->where('house_id', $house->id)->findOrFail($link);
        $core = DB::transaction(function () use ($request, $house, $found, $change): CoreHouse {
            $found->update(['withdrawn_at' => $found->withdrawn_at ?? now()]);

            return $found->purpose === LinkPurpose::Trial
                ? $change->by(new EndTrial($found->id), $house, SignedIn::user($request))
                : $this->store->load($house);
        });

        return HouseAnswer::call($house, $core);
    }

    public function show(Request $request, string $token): Response
    {
        $link = OutsideLink::query()->where('token', $token)->firstOrFail();
        $link->update(['last_seen_at' => now()]);

        return Inertia::render('Householder', OutsidePage::page($link))->toResponse($request)->setStatusCode($link->isOpen() ? 200 : 410);
    }

    /** Answers add up, be they sent by two at once. */
    public function answer(PageAnswersRequest $request, string $token): RedirectResponse
    {
        $answers = $request->answers();
        DB::transaction(function () use ($token, $answers): void {
            $link = OutsideLink::query()->where('token', $token)->lockForUpdate()->firstOrFail();
            abort_unless($link->isOpen(), 410);
            $link->update([
                'answered' => (object) [...get_object_vars($link->answered ?? new \stdClass()), ...$answers],
                'answered_at' => now(),
                'last_seen_at' => now(),
            ]);
        });

        return back();
    }
}
