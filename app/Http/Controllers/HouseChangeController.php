<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Actions\NothingToTurnBack;
use App\Actions\StaleRevision;
use App\Http\Requests\ChangeRequest;
use App\Http\Requests\TurnBackRequest;
use App\Http\SignedIn;
use App\Models\House;
use App\Models\Revision;
use App\Models\User;
use App\Sheets\HouseSheet;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\House\FileFault;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Live\NotProved;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Edits, undo and redo. Each answers with the whole house judged afresh. */
final readonly class HouseChangeController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function store(ChangeRequest $request, House $house): JsonResponse
    {
        return self::answer(
            $request,
            $house,
            fn(User $user): CoreHouse => $this->change->edit($house, $user, $request->revision(), $request->patches()),
        );
    }

    public function undo(TurnBackRequest $request, House $house): JsonResponse
    {
        return self::answer($request, $house, fn(User $user): CoreHouse => $this->change->undo($house, $user, $request->revision()));
    }

    public function redo(TurnBackRequest $request, House $house): JsonResponse
    {
        return self::answer($request, $house, fn(User $user): CoreHouse => $this->change->redo($house, $user, $request->revision()));
    }

    /**
     * What a change of any kind answers: the house judged afresh, or why it was not kept.
     *
     * @param \Closure(User): CoreHouse $change
     * @param array<string, mixed> $more said beside the house
     * @param (\Closure(House, CoreHouse): array<string, mixed>)|null $shown what is shown of the house, its sheet unless said otherwise
     */
    public static function answer(Request $request, House $house, \Closure $change, array $more = [], ?\Closure $shown = null): JsonResponse
    {
        $user = SignedIn::user($request);
        try {
            $core = $change($user);
        } catch (StaleRevision $stale) {
            return response()->json([
                'message' => 'The house was changed elsewhere in the meantime.',
                'revision' => $stale->current,
                'since' => $stale->since->map(fn(Revision $revision): array => [
                    'number' => $revision->number,
                    'kind' => $revision->kind,
                    'summary' => $revision->summary,
                    'who' => $revision->user?->name,
                    'at' => $revision->created_at->toIso8601String(),
                ]),
            ], 409);
        } catch (BadHouseFile $bad) {
            return response()->json([
                'message' => 'That was not kept: ' . $bad->faults[0]->message . '.',
                'faults' => array_map(
                    fn(FileFault $fault): array => ['pointer' => $fault->pointer, 'message' => $fault->message],
                    $bad->faults,
                ),
            ], 422);
        } catch (NotProved $not) {
            return response()->json(['message' => "{$not->getMessage()}.", 'objections' => $not->objections], 422);
        } catch (NothingToTurnBack) {
            return response()->json(['message' => 'There is nothing left to undo or redo.'], 422);
        }
        try {
            return response()->json(($shown === null ? HouseSheet::of($house, $core) : $shown($house, $core)) + $more);
        } catch (\Throwable $thrown) {
            // It is stored: that what it comes to cannot be shown is another matter, and no reason to send it again.
            report($thrown);

            return response()->json([
                'kept' => true,
                'revision' => $house->revision,
                'message' => 'It is kept. What it comes to could not be shown: reload the page.',
            ]);
        }
    }
}
