<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Edition;

/**
 * How a distance to water runs (NEC 210.8): the shortest path a cord would follow, never through a floor, wall, ceiling or fixed
 * barrier. NEC 2017 also lets a door, doorway or window end it; 2020 and 2023 do not. NEC 2014 has no path rule: the stricter
 * reading is taken, a door does not end it.
 */
final class CordPath
{
    public static function endsAtDoor(Edition $edition): bool
    {
        return $edition->isFrom(Edition::Nec2017) && $edition->isBefore(Edition::Nec2020);
    }

    public static function counts(Distance $distance, Edition $edition): bool
    {
        return match ($distance->crosses()) {
            Crosses::None => true,
            Crosses::Door => ! self::endsAtDoor($edition),
            Crosses::Barrier => false,
        };
    }

    /** What has to be said about the path when it goes through a door and counts all the same. */
    public static function remark(Distance $distance, Edition $edition): string
    {
        if ($distance->crosses() !== Crosses::Door || self::endsAtDoor($edition)) {
            return '';
        }

        return $edition->isBefore(Edition::Nec2017)
            ? ' The path goes through a door: NEC 2014 has no rule for that, and the stricter reading is taken.'
            : ' The door on the way does not end the path in this edition.';
    }

    /** How a distance runs, in words. */
    public static function inWords(Edition $edition): string
    {
        return 'Along the shortest path of a cord, not through a floor, wall, ceiling or fixed barrier' . match (true) {
            self::endsAtDoor($edition) => ', a door, a doorway or a window',
            $edition->isBefore(Edition::Nec2017) => '; for doors 2014 has no rule, and they do not end it (the stricter reading)',
            default => '; a door or window does not end it',
        };
    }
}
