<?php

declare(strict_types=1);

namespace App;

use App\Actions\Clashed;
use App\Actions\StaleRevision;
use App\Pages\HousePage;
use Bouclier\Core\Change\ChangedSince;
use Bouclier\Core\Change\NothingToTurnBack;
use Bouclier\Core\Change\NotUnderstood;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\House\NotThere;
use Bouclier\Core\Live\NotProved;
use Bouclier\Core\Practice\NotPossible;
use Bouclier\Sheets\Refusal;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\LostConnectionDetector;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions as Configuration;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Log;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What is answered when a change was not kept, something is not there, or the database is away. */
final class Exceptions
{
    /** Seconds after which it is worth asking again. */
    private const RETRY_AFTER = 3;

    public static function configure(Configuration $exceptions): void
    {
        // What a house does not have is not found, whoever asks for it. What nobody asked for and is not there is a fault of ours.
        $exceptions->map(NotThere::class, fn(NotThere $missing): \Throwable => self::isAskedFor($missing->id, request())
            ? new NotFoundHttpException("{$missing->getMessage()}.", $missing)
            : new \LogicException($missing->getMessage(), previous: $missing));
        $exceptions->render(fn(HttpException $missing, Request $request): ?Response => self::notFound($missing, $request));
        $exceptions->render(fn(\PDOException $away, Request $request): ?Response => self::isAway($away) ? self::away($request) : null);
        $exceptions->render(fn(StaleRevision $stale): Response => self::stale($stale));
        // A stored house that cannot be read is a fault of ours, and stays one.
        $exceptions->render(
            fn(\Exception $thrown, Request $request): ?Response => $request->isMethodSafe() ? null : self::refusal($thrown),
        );
        // What was asked of the database names people: the log is told the question, not what was put into it.
        $exceptions->report(function (QueryException $thrown): false {
            Log::error('A query failed.', ['code' => $thrown->getCode(), 'sql' => $thrown->getSql(), 'at' => self::ours($thrown)]);

            return false;
        });
        $exceptions->dontReport([
            StaleRevision::class, Clashed::class, NotProved::class, NotUnderstood::class, ChangedSince::class, NothingToTurnBack::class,
            NotPossible::class,
        ]);
        $exceptions->dontReportWhen(fn(\Throwable $thrown): bool => $thrown instanceof BadHouseFile && ! request()->isMethodSafe());
        $exceptions->dontReportWhen(fn(\Throwable $thrown): bool => $thrown instanceof \PDOException && self::isAway($thrown));
    }

    /** Why something told of a house is not done, as it is answered; null for what is a fault of ours, or passes by itself. */
    public static function refusal(\Exception $thrown): ?JsonResponse
    {
        if ($thrown instanceof Clashed) {
            return self::clashed($thrown);
        }
        $said = $thrown instanceof NotThere && ! self::isAskedFor($thrown->id, request()) ? null : Refusal::of($thrown);

        return $said === null ? null : response()->json(
            $said,
            $thrown instanceof NotThere ? Response::HTTP_NOT_FOUND : Response::HTTP_UNPROCESSABLE_ENTITY,
        );
    }

    private static function clashed(Clashed $clashed): JsonResponse
    {
        return response()->json([
            'message' => "{$clashed->getMessage()}.",
            'clashes' => array_map(fn(array $one): array => [
                ...get_object_vars($one[0]),
                'who' => $one[1]->user?->name,
                'at' => $one[1]->created_at->toIso8601String(),
                'revision' => $one[1]->number,
            ], $clashed->clashes),
        ], Response::HTTP_CONFLICT);
    }

    /** @return list<string> the places of our own it came by, the innermost first */
    private static function ours(\Throwable $thrown): array
    {
        $own = array_filter(
            $thrown->getTrace(),
            fn(array $frame): bool => str_starts_with($frame['file'] ?? '', app_path())
                || str_starts_with($frame['file'] ?? '', base_path('core')),
        );

        return array_slice(array_values(array_map(
            fn(array $frame): string => substr($frame['file'] ?? '', strlen(base_path()) + 1) . ':' . ($frame['line'] ?? 0),
            $own,
        )), 0, 8);
    }

    private static function isAskedFor(string $id, Request $request): bool
    {
        $said = Arr::flatten([$request->route()?->originalParameters() ?? [], $request->all()]);

        return in_array($id, array_map(strval(...), array_filter($said, is_scalar(...))), true);
    }

    /** A stranger's and one that is not there are told apart by nothing. */
    private static function notFound(HttpException $missing, Request $request): ?Response
    {
        $isHidden = $missing->getStatusCode() === 404
            && ($missing->getPrevious() instanceof ModelNotFoundException || $missing->getPrevious() instanceof AuthorizationException);

        return $isHidden && $request->expectsJson() ? response()->json(['message' => 'Not found.'], 404) : null;
    }

    private static function isAway(\PDOException $thrown): bool
    {
        // Not there, going down, or one that takes no changes at the moment.
        $isRefused = preg_match('/\[2002\]|\[1053\]|: 1290 /', $thrown->getMessage()) === 1;

        return $isRefused
            || (new LostConnectionDetector())->causedByLostConnection(
                $thrown instanceof QueryException ? $thrown->getPrevious() ?? $thrown : $thrown,
            );
    }

    /** Nothing that was acknowledged is lost; what was just sent is not in yet. */
    public static function away(Request $request): Response
    {
        $after = ['Retry-After' => (string) self::RETRY_AFTER];

        return $request->expectsJson()
            ? response()->json(['message' => 'The database is away. Nothing is lost; trying again.'], 503, $after)
            : response()->view('away', ['seconds' => self::RETRY_AFTER], 503, $after);
    }

    private static function stale(StaleRevision $stale): Response
    {
        return response()->json([
            'message' => 'The house was changed elsewhere in the meantime.',
            'revision' => $stale->current,
            'since' => $stale->since->map(HousePage::revision(...)),
        ], 409);
    }
}
