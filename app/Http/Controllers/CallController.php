<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Actions\CloseCall;
use App\Http\Requests\CallRequest;
use App\Http\Requests\CallTestsRequest;
use App\Models\House;
use App\Models\OutsideLink;
use App\Models\User;
use App\Persistence\HouseStore;
use App\Sheets\HouseSheet;
use App\Sheets\OutsideSheet;
use App\Sheets\TripsSheet;
use App\Support\Clock;
use Bouclier\Core\Diagnose\HouseholderAnswers;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Diagnose\Question;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Live\OpenBoxes;
use Bouclier\Core\Live\Switching;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

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
        return response()->json(['revision' => $house->revision, 'trips' => self::sheet($house, $this->store->load($house))]);
    }

    public function tell(CallRequest $request, House $house): JsonResponse
    {
        return $this->changed($request, $house, null, function (CoreHouse $core, User $user) use ($request): CoreHouse {
            $symptom = $request->symptom($user->name);
            CallReader::check($core->with(sections: ['symptom' => $symptom]));

            return OpenCall::told($core, $symptom);
        }, 'A call');
    }

    /** What was answered on the phone, asked by the crew itself. */
    public function answers(Request $request, House $house): JsonResponse
    {
        $request->validate([
            'answers' => ['required', 'array:' . implode(',', array_column(Question::cases(), 'value'))],
            'answers.*' => ['required', 'string', 'max:1000'],
        ]);
        $answers = (object) $request->array('answers');

        return $this->changed($request, $house, null, function (CoreHouse $core) use ($answers): CoreHouse {
            return HouseholderAnswers::ofQuestions($core, $answers, Clock::now());
        }, 'Answered on the phone');
    }

    public function test(CallTestsRequest $request, House $house): JsonResponse
    {
        return HouseChangeController::answer($request, $house, function (User $user) use ($request, $house): CoreHouse {
            $tests = $request->tests($user->name);
            $after = $this->change->into($house, $user, null, function (CoreHouse $core) use ($tests, $user): CoreHouse {
                $actions = CallReader::checked($core, $tests);

                return OpenBoxes::tested(OpenCall::tested($core, $tests), $actions, $user->name, Clock::now());
            }, 'Tests of the call');
            // It has happened: no undo turns it back.
            foreach (OpenCall::turned($tests) as [$circuit, $on]) {
                $after = $this->change->happened($house, $user, fn(CoreHouse $core): CoreHouse => $on
                    ? Switching::powered($core, $core->circuit($circuit), $user->name, Clock::now())
                    : Switching::turned($core, $core->circuit($circuit), false, $user->name, Clock::now()), 'A breaker turned for a test');
            }

            return $after;
        }, shown: self::shown(...));
    }

    public function withdraw(Request $request, House $house, string $entry): JsonResponse
    {
        return $this->changed(
            $request,
            $house,
            null,
            fn(CoreHouse $core): CoreHouse => OpenCall::withdrawn($core, $entry),
            'A test withdrawn',
        );
    }

    public function cannot(Request $request, House $house): JsonResponse
    {
        $request->validate(['what' => ['required', 'string', 'max:200'], 'cannot' => ['required', 'boolean']]);

        return $this->changed(
            $request,
            $house,
            null,
            fn(CoreHouse $core): CoreHouse => OpenCall::cannotDo($core, $request->string('what')->toString(), $request->boolean('cannot')),
            'What cannot be done',
        );
    }

    public function close(Request $request, House $house, CloseCall $close): JsonResponse
    {
        $request->validate([
            'note' => ['nullable', 'string', 'max:4000'],
            'left' => ['nullable', 'string', 'max:1000'],
            'due' => ['nullable', 'date_format:Y-m-d'],
        ]);

        $said = fn(string $key): ?string => $request->filled($key) ? $request->string($key)->toString() : null;

        return HouseChangeController::answer(
            $request,
            $house,
            fn(User $user): CoreHouse => $close($house, $user, $said('note'), $said('left'), $said('due')),
            shown: self::shown(...),
        );
    }

    /** @param \Closure(CoreHouse, User): CoreHouse $change */
    private function changed(Request $request, House $house, ?int $revision, \Closure $change, string $summary): JsonResponse
    {
        return HouseChangeController::answer(
            $request,
            $house,
            fn(User $user): CoreHouse => $this->change->into(
                $house,
                $user,
                $revision,
                fn(CoreHouse $core): CoreHouse => $change($core, $user),
                $summary,
            ),
            shown: self::shown(...),
        );
    }

    /** @return array<string, mixed> */
    public static function shown(House $house, CoreHouse $core): array
    {
        return ['house' => HouseSheet::head($house, $core), 'trips' => self::sheet($house, $core)];
    }

    /** @return array<string, mixed> */
    private static function sheet(House $house, CoreHouse $core): array
    {
        /** @var Collection<int, OutsideLink> $pages */
        $pages = OutsideLink::query()->where('house_id', $house->id)->orderByDesc('created_at')->limit(10)->get();

        return [...TripsSheet::current($house, $core), 'pages' => $pages->map(OutsideSheet::line(...))->all()];
    }
}
