<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope\Cures;

use Bouclier\Core\House\Distance;
use Bouclier\Core\House\TubZone;
use Bouclier\Core\Plan\Item;
use Bouclier\Core\Plan\Task;
use Bouclier\Core\Scope\Ailment;
use Bouclier\Core\Scope\Cure;
use Bouclier\Core\Scope\Remedy;
use Bouclier\Core\Scope\Step;
use Bouclier\Core\Scope\UsualFeet;

/** An outlet that stands too near to water is put further away. */
final class Moved implements Cure
{
    /** Where it is safe from every such clause, in feet. */
    private const AWAY_FT = 6.5;

    public static function cures(): array
    {
        return ['tub_zone', 'pool_too_near'];
    }

    public static function ways(Ailment $of): iterable
    {
        $point = $of->point;
        if ($point === null) {
            return;
        }
        $away = array_map(
            fn(Distance $one): Distance => $one->ft < self::AWAY_FT ? $one->with(ft: self::AWAY_FT) : $one,
            $point->distances(),
        );
        yield new Remedy(
            "Put {$point->code} further from the water.",
            [
                Step::atPoint($point->id, Task::MoveOutlet, Item::Box),
                Step::atPoint($point->id, Task::PullCable, Item::CableFoot, UsualFeet::TO_ANOTHER_SPOT),
            ],
            $of->house->withPoint($point->with(
                distances: $point->distances === null ? null : $away,
                tubZone: $point->tubZone === null ? null : new TubZone(self::AWAY_FT, $point->tubZone->aboveRimFt),
            )),
        );
    }
}
