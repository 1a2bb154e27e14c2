<?php

declare(strict_types=1);

namespace Bouclier\Core\Scope;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\Plan\Plan;
use Bouclier\Core\Plan\Planner;
use Bouclier\Core\Plan\Strategy;
use Bouclier\Core\Plan\Terms;
use Bouclier\Core\Plan\Wanted;

/** Protection arranged anew on the runs of some outlets, as cheaply as can be: what is protected as asked stays so. */
final class Rearranged
{
    /**
     * @param list<string> $points ids of outlets whose circuits are arranged
     * @param list<string>|null $asked those that are to have what is asked there, whether they have it now or not; null for the same
     *
     * @return Plan|null null where nothing satisfies
     */
    public static function around(House $house, array $points, ?array $asked = null, Strategy $strategy = Strategy::Fewest): ?Plan
    {
        $feeds = new FeedMap($house);

        return (new Planner($house, Terms::of($house, $strategy), $feeds, Wanted::standing($house, $feeds, $asked ?? $points)))
            ->around($points);
    }
}
