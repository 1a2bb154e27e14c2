<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Serves;

/**
 * Where there is a laundry, for 210.8(A) and 210.11(C)(2): a room for it, or any room with a receptacle for a washer. AFCI goes by the
 * kind of room.
 */
final class LaundryPlace
{
    /** Why the area is one, null when it is not. */
    public static function why(Context $context, Area $area): ?string
    {
        return match (true) {
            $area->kind === AreaKind::Laundry => "{$area->code} is a laundry area.",
            isset(
                self::withWasher($context)[$area->id],
            ) => "A washer stands in {$area->code}, which makes it a laundry area. " . Clauses::ASK,
            default => null,
        };
    }

    /** @return array<true> rooms with a receptacle for a washer, by id */
    private static function withWasher(Context $context): array
    {
        return $context->once('rooms with a washer', function () use ($context): array {
            $rooms = [];
            foreach ($context->house->points as $point) {
                if ($point->isReceptacle() && $point->serves() === Serves::Washer) {
                    $rooms[$point->area] = true;
                }
            }

            return $rooms;
        });
    }
}
