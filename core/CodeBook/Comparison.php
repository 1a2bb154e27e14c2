<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\CodeOfPlace;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;

/**
 * The same house judged in two ways, by two editions or with and without a local amendment: where one asks for what the other does not. A
 * clause that only has another number is no difference.
 */
final class Comparison
{
    /** @return list<Difference> outlet by outlet, in the order of the house */
    public static function of(House $house, Edition $from, Edition $to): array
    {
        $feeds = new FeedMap($house);

        return self::between(new Assess($house, $from, feeds: $feeds), new Assess($house, $to, feeds: $feeds));
    }

    /**
     * What each local amendment changes at the outlets of a house: with all of them, beside all but that one.
     *
     * @param CodeOfPlace $code the edition, and the amendments as they would be
     *
     * @return list<list<Difference>> by amendment, in their order
     */
    public static function ofAmendments(House $house, CodeOfPlace $code): array
    {
        $feeds = new FeedMap($house);
        $with = new Assess($house->with(code: $code), feeds: $feeds);

        return array_map(function (int $left) use ($house, $code, $feeds, $with): array {
            $others = array_values(array_diff_key($code->amendments(), [$left => true]));

            return self::between(new Assess($house->with(code: $code->with(amendments: $others)), feeds: $feeds), $with);
        }, array_keys($code->amendments()));
    }

    /** @return list<Difference> */
    private static function between(Assess $one, Assess $other): array
    {
        $before = $one->house()->points;
        $after = $other->house()->points;
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
