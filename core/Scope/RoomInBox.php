<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\Feed\BoxFill;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Box;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** A box as large, in cubic inches, as what runs into it takes. */
final class RoomInBox
{
    /** The same house where it has room, or nobody knows what it takes. */
    public static function made(House $house, Point $point): House
    {
        $needed = BoxFill::neededIn3(new FeedMap($house), $point, $house->code->edition);
        $box = $point->box ?? new Box();

        return $needed === null || $needed <= ($box->volumeIn3 ?? 0.0) ? $house : $house->withPoint($point->with(
            box: $box->with(volumeIn3: $needed),
        ));
    }
}
