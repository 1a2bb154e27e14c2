<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\CallTestsRequest;
use App\Models\House;
use App\Models\HouseholderPage;
use App\Models\User;
use App\Persistence\HouseStore;
use App\Sheets\HouseholderSheet;
use App\Support\Clock;
use Bouclier\Core\Diagnose\HouseholderAnswers;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Words\Questions;
use Bouclier\Core\House\House as CoreHouse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Inertia\Inertia;
use Inertia\Response;

/** Pages that are left with a householder: questions before the visit, and the log of a trial over days. Who has the address sees that page and nothing else. */
final readonly class HouseholderController
{
    public function __construct(
        private ChangeHouse $change,
        private HouseStore $store,
    ) {
    }

    public function ask(Request $request, House $house): JsonResponse
    {
        $wrong = [];
        $core = $this->store->load($house);
        $symptom = OpenCall::isOpen($core) ? Symptom::of($core, $wrong) : null;
        $this->leave($house, HouseholderPage::QUESTIONS, ['questions' => Questions::of($symptom)]);

        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $core, shown: CallController::shown(...));
    }

    /** A trial begins: what is done before it is noted now, the trial itself when it comes back. */
    public function begin(CallTestsRequest $request, House $house): JsonResponse
    {
        $request->validate(['rule' => ['required', 'array', 'max:5'], 'rule.*.shown' => ['required', 'string', 'max:200'], 'rule.*.means' => ['present', 'nullable', 'string', 'max:300']]);

        return HouseChangeController::answer($request, $house, function (User $user) use ($request, $house): CoreHouse {
            $tests = $request->tests($user->name);
            $trial = array_pop($tests);
            $this->leave($house, HouseholderPage::TRIAL, ['action' => $trial->action ?? new \stdClass(), 'rule' => $request->array('rule')]);

            return $tests === [] ? $this->store->load($house) : $this->change->into($house, $user, null, fn(CoreHouse $core): CoreHouse => OpenCall::tested($core, $tests), 'Left with the householder');
        }, shown: CallController::shown(...));
    }

    /** What came back goes into the call. */
    public function take(Request $request, House $house, string $page): JsonResponse
    {
        $found = HouseholderPage::query()->where('house_id', $house->id)->findOrFail($page);
        abort_if($found->answered === null, 422, 'Nothing has come back on that page yet.');

        return HouseChangeController::answer($request, $house, function (User $user) use ($house, $found): CoreHouse {
            $after = $this->change->into($house, $user, null, function (CoreHouse $core) use ($found, $user): CoreHouse {
                $at = Clock::now();
                return $found->kind === HouseholderPage::TRIAL
                    ? HouseholderAnswers::ofTrial($core, $found->asked, $found->answered ?? new \stdClass(), $user->name, $at)
                    : HouseholderAnswers::ofQuestions($core, $found->answered ?? new \stdClass(), $at);
            }, 'What the householder noted');
            $found->update(['taken_at' => now()]);

            return $after;
        }, shown: CallController::shown(...));
    }

    public function show(string $token): Response
    {
        return Inertia::render('Householder', HouseholderSheet::page(HouseholderPage::query()->where('token', $token)->firstOrFail()));
    }

    public function answer(Request $request, string $token): RedirectResponse
    {
        $page = HouseholderPage::query()->where('token', $token)->firstOrFail();
        abort_if($page->taken_at !== null, 410);
        $request->validate(['answers' => ['required', 'array', 'max:120'], 'answers.*' => ['nullable', 'string', 'max:1000']]);
        $answers = array_filter($request->array('answers'), fn(mixed $said, mixed $key): bool => is_string($said) && $said !== '' && preg_match('/^[a-z0-9-]{1,20}$/', (string) $key) === 1, ARRAY_FILTER_USE_BOTH);
        $page->update(['answered' => (object) [...get_object_vars($page->answered ?? new \stdClass()), ...$answers], 'answered_at' => now()]);

        return back();
    }

    /** @param array<string, mixed> $asked */
    private function leave(House $house, string $kind, array $asked): void
    {
        HouseholderPage::query()->create(['house_id' => $house->id, 'token' => Str::random(40), 'kind' => $kind, 'asked' => (object) $asked]);
    }
}
