<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\CallTestsRequest;
use App\Models\Enums\LinkPurpose;
use App\Models\House;
use App\Models\OutsideLink;
use App\Models\User;
use App\Persistence\HouseStore;
use App\Sheets\OutsideSheet;
use App\Support\Clock;
use Bouclier\Core\Diagnose\Evidence;
use Bouclier\Core\Diagnose\HouseholderAnswers;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Words\Questions;
use Bouclier\Core\Diagnose\Words\TrialWords;
use Bouclier\Core\Exchange\CallReader;
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
    public function __construct(
        private ChangeHouse $change,
        private HouseStore $store,
    ) {
    }

    public function ask(Request $request, House $house): JsonResponse
    {
        return HouseChangeController::answer($request, $house, function (User $user) use ($house): CoreHouse {
            $wrong = [];
            $core = $this->store->load($house);
            $symptom = OpenCall::isOpen($core) ? Symptom::of($core, $wrong) : null;
            OutsideLink::leave(
                $house,
                $user,
                LinkPurpose::Questions,
                ['questions' => Questions::of($symptom)],
                LinkPurpose::Questions->daysOpen(),
            );

            return $core;
        }, shown: CallController::shown(...));
    }

    /** A trial begins: what is done before it is noted now, the trial itself when it comes back. All of it or nothing. */
    public function begin(CallTestsRequest $request, House $house): JsonResponse
    {
        $request->validate([
            'rule' => ['required', 'array', 'max:5'],
            'rule.*.shown' => ['required', 'string', 'max:200'],
            'rule.*.means' => ['present', 'nullable', 'string', 'max:300'],
        ]);

        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => DB::transaction(function () use (
            $request,
            $house,
            $user,
        ): CoreHouse {
            $tests = $request->tests($user->name);
            $core = $this->store->load($house);
            $actions = CallReader::checked($core, $tests);
            $trial = array_pop($tests);
            $page = (new TrialWords($core, Evidence::actions($core), $actions))->page();
            OutsideLink::leave(
                $house,
                $user,
                LinkPurpose::Trial,
                ['action' => $trial->action ?? new \stdClass(), 'page' => $page, 'rule' => $request->array('rule')],
                LinkPurpose::Trial->daysOpen($page['days']),
            );

            return $tests === []
                ? $core
                : $this->change->into(
                    $house,
                    $user,
                    null,
                    fn(CoreHouse $core): CoreHouse => OpenCall::tested($core, $tests),
                    'Left with the householder',
                );
        }), shown: CallController::shown(...));
    }

    /** What came back goes into the call, once. */
    public function take(Request $request, House $house, string $link): JsonResponse
    {
        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => DB::transaction(function () use (
            $house,
            $link,
            $user,
        ): CoreHouse {
            $found = OutsideLink::query()->where('house_id', $house->id)->lockForUpdate()->findOrFail($link);
            abort_if($found->answered === null, 422, 'Nothing has come back on that page yet.');
            abort_if($found->taken_at !== null, 422, 'That page was taken into the call before.');
            $found->update(['taken_at' => now()]);

            return $this->change->into($house, $user, null, function (CoreHouse $core) use ($found, $user): CoreHouse {
                return $found->purpose === LinkPurpose::Trial
                    ? HouseholderAnswers::ofTrial($core, $found->asked, $found->answered ?? new \stdClass(), $user->name, Clock::now())
                    : HouseholderAnswers::ofQuestions($core, $found->answered ?? new \stdClass(), Clock::now());
            }, 'What the householder noted');
        }), shown: CallController::shown(...));
    }

    public function withdraw(House $house, string $link): JsonResponse
    {
        $found = OutsideLink::query()->where('house_id', $house->id)->findOrFail($link);
        $found->update(['withdrawn_at' => $found->withdrawn_at ?? now()]);

        return response()->json(CallController::shown($house, $this->store->load($house)));
    }

    public function show(Request $request, string $token): Response
    {
        $link = OutsideLink::query()->where('token', $token)->firstOrFail();
        $link->update(['last_seen_at' => now()]);

        return Inertia::render('Householder', OutsideSheet::page($link))->toResponse($request)->setStatusCode($link->isOpen() ? 200 : 410);
    }

    /** Answers add up, be they sent by two at once. */
    public function answer(Request $request, string $token): RedirectResponse
    {
        $request->validate(['answers' => ['required', 'array', 'max:120'], 'answers.*' => ['nullable', 'string', 'max:1000']]);
        $answers = array_filter(
            $request->array('answers'),
            fn(mixed $said, mixed $key): bool => is_string($said) && $said !== '' && preg_match('/^[a-z0-9-]{1,20}$/', (string) $key) === 1,
            ARRAY_FILTER_USE_BOTH,
        );
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
