<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AskedRequest;
use App\Http\Requests\ShowPracticeRequest;
use App\Http\SignedIn;
use App\Jobs\JudgeVisit;
use App\Models\PracticeDrill;
use App\Models\PracticeVisit;
use App\Pages\PracticePage;
use App\Persistence\DrawnCase;
use Bouclier\Core\Exchange\Csv;
use Bouclier\Core\Practice\Drills\Drill;
use Bouclier\Sheets\DrillSheet;
use Bouclier\Sheets\Practising;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Plain;
use Inertia\Inertia;
use Inertia\Response;

/** Practice: cases and drills are asked of the core; what is kept is how it went, of who is signed in. No house of a crew is read. */
final class PracticeController
{
    public function index(Request $request): Response
    {
        return Inertia::render('Practice', PracticePage::of(SignedIn::user($request)));
    }

    public function ask(AskedRequest $request, string $asked): JsonResponse
    {
        return response()->json(Practising::answer($asked, $request->asked()));
    }

    /** One that is as hard as asked for is worked out beside: asked again, it is there. */
    public function draw(AskedRequest $request): JsonResponse
    {
        return response()->json(DrawnCase::of($request->asked()));
    }

    public function keepVisit(AskedRequest $request): JsonResponse
    {
        $body = $request->asked();
        $ended = Practising::ended($body);
        $visit = PracticeVisit::query()->firstOrCreate(['id' => self::id($request)], [
            'user_id' => SignedIn::user($request)->id,
            'case' => $ended->visit->case->name,
            'theme' => $ended->visit->case->kind->value,
            'deeds' => $body->raw('deeds'),
            'named' => $ended->named?->id,
            'with_advice' => $body->flag('with_advice'),
            'is_right' => $ended->isRight(),
            'minutes' => $ended->visit->minutes(),
            'dangers' => $ended->dangers(),
        ]);
        self::isOf($request, $visit);
        // Sent once more it is judged once more only where that has not been done.
        JudgeVisit::dispatchIf($visit->afterwards === null, $visit->id);

        return response()->json(['id' => $visit->id]);
    }

    public function visit(PracticeVisit $visit): JsonResponse
    {
        return response()->json(['afterwards' => $visit->afterwards, 'failed' => $visit->judge_failed_at !== null]);
    }

    public function keepDrill(AskedRequest $request): JsonResponse
    {
        $body = $request->asked();
        $drill = PracticeDrill::query()->firstOrCreate(['id' => self::id($request)], [
            'user_id' => SignedIn::user($request)->id,
            'kind' => DrillSheet::drill($body)::name(),
            'seed' => DrillSheet::seed($body),
            'right' => DrillSheet::right($body),
            'of' => Drill::ROUND,
            'seconds' => $body->whole('seconds', 0, 86_400),
        ]);

        self::isOf($request, $drill);

        return response()->json(['right' => $drill->right, 'of' => $drill->of]);
    }

    public function show(ShowPracticeRequest $request): RedirectResponse
    {
        SignedIn::user($request)->update(['shows_practice' => $request->shows()]);

        return back();
    }

    public function own(Request $request): Plain
    {
        return self::csv(PracticePage::lines(SignedIn::user($request)));
    }

    public function crew(Request $request): Plain
    {
        $owner = SignedIn::user($request);

        return self::csv([
            ...PracticePage::lines($owner),
            ...array_merge(...PracticePage::shownBy($owner)->map(PracticePage::lines(...))->all()),
        ]);
    }

    /** The id the phone it was done on has given it: sent twice it is there once. */
    private static function id(AskedRequest $request): string
    {
        $id = strtolower($request->asked()->text('id', 36));

        return preg_match('/^[0-9a-f-]{32,36}$/D', $id) === 1 ? $id : $request->asked()->wrong('id', 'is no id');
    }

    /** What somebody else has given the same id is not there. */
    private static function isOf(Request $request, PracticeVisit|PracticeDrill $kept): void
    {
        abort_if($kept->user_id !== SignedIn::user($request)->id, 404);
    }

    /** @param list<list<string>> $lines */
    private static function csv(array $lines): Plain
    {
        return response(implode("\r\n", array_map(Csv::line(...), [PracticePage::COLUMNS, ...$lines])) . "\r\n", 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="practice.csv"',
        ]);
    }
}
