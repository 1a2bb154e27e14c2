<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;

/** The same house by two editions: where one asks for what the other does not. A clause that only has another number is no difference. */
final class Comparison
{
    /** @return list<Difference> outlet by outlet, in the order of the house */
    public static function of(House $house, Edition $from, Edition $to): array
    {
        $feeds = new FeedMap($house);
        $before = (new Assess($house, $from, feeds: $feeds))->house()->points;
        $after = (new Assess($house, $to, feeds: $feeds))->house()->points;
        $differences = [];
        foreach ($before as $i => $point) {
            foreach (Protection::cases() as $protection) {
                $asked = $point->demandsFor($protection) !== [];
                $differs = $asked !== ($after[$i]->demandsFor($protection) !== [])
                    || $point->verdict($protection) !== $after[$i]->verdict($protection);
                if ($differs) {
                    $differences[] = new Difference($point, $after[$i], $protection);
                }
            }
        }

        return $differences;
    }
}
