<?php

declare(strict_types=1);

namespace App\Http;

use App\Exceptions;
use App\Models\House;
use App\Models\Told;
use App\Models\User;
use App\Support\Sent;
use Bouclier\Core\House\House as CoreHouse;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/**
 * What is told is done once, however often it comes in: a lost answer, a double tap or two tabs send it again by the same id, and are
 * answered the same. What was refused stays refused: it is told anew, by another id, when it was mended.
 */
final class Once
{
    /**
     * @param \Closure(): array{CoreHouse, array<string, mixed>} $carryOut what is done to the house, and what is said beside it
     * @param \Closure(CoreHouse, array<mixed>): JsonResponse $answer of the house as it is now
     * @param \Closure(): CoreHouse $now the house as it is stored
     */
    public static function answered(
        House $house,
        User $user,
        Sent $sent,
        \Closure $carryOut,
        \Closure $answer,
        \Closure $now,
    ): JsonResponse {
        if ($sent->id === null) {
            return $answer(...$carryOut());
        }
        try {
            $done = DB::transaction(function () use ($house, $user, $sent, $carryOut): ?array {
                // The house is the lock: the same command cannot be under way twice.
                House::query()->lockForUpdate()->findOrFail($house->id);
                if (Told::before($house, $sent->id) !== null) {
                    return null;
                }
                $done = $carryOut();
                self::keep($house, $user, $sent, JsonResponse::HTTP_OK, (object) $done[1]);

                return $done;
            });
        } catch (\Exception $thrown) {
            $refusal = Exceptions::refusal($thrown);
            if ($refusal === null) {
                throw $thrown;
            }
            self::keep($house, $user, $sent, $refusal->getStatusCode(), $refusal->getData());

            return $refusal;
        }
        if ($done !== null) {
            return $answer(...$done);
        }
        $told = Told::before($house, $sent->id) ?? throw new \LogicException('it was there under the lock');
        $house->setRawAttributes(House::query()->findOrFail($house->id)->getAttributes(), true);

        return $told->isRefused() ? response()->json($told->said, $told->status) : $answer($now(), get_object_vars($told->said));
    }

    private static function keep(House $house, User $user, Sent $sent, int $status, mixed $said): void
    {
        Told::query()->insertOrIgnore([
            'house_id' => $house->id,
            'id' => $sent->id,
            'user_id' => $user->id,
            'status' => $status,
            'said' => json_encode($said, JSON_THROW_ON_ERROR),
        ]);
    }
}
