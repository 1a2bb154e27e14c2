<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\Records\Records;

/** Breakers turned off and on, as `records.switched` of the house file. */
final class Switching
{
    public const LIST = 'switched';

    /**
     * A breaker turned; one that is tied to its neighbour takes it along. Turned on, it ends every proof that rests on it or on what it feeds.
     *
     * @param string $at ISO 8601
     */
    public static function turned(House $house, Circuit $circuit, bool $on, string $who, string $at): House
    {
        foreach (self::tied($house, $circuit) as $one) {
            $house = Records::added($house, self::LIST, (object) ['at_time' => $at, 'who' => $who, 'circuit' => $one->id, 'on' => $on]);
            if ($on) {
                $house = Proving::withdrawn($house, array_map(fn(Circuit $fed): string => $fed->id, $house->fedBy($one)), $at, (new Codes($house))->circuit($one->id) . " was turned on by $who at " . substr($at, 11, 5));
            }
        }

        return $house;
    }

    /** A house in an earlier state, with what was switched and proved since: whatever is turned back on paper, no breaker turns with it. */
    public static function kept(House $now, House $then): House
    {
        foreach ([self::LIST, Proving::LIST] as $list) {
            $entries = Records::of($now, $list);
            if ($entries !== Records::of($then, $list)) {
                $then = Records::with($then, $list, $entries);
            }
        }

        return $then;
    }

    /** @return list<Circuit> */
    public static function tied(House $house, Circuit $circuit): array
    {
        return $circuit->multiwireWith !== null && $circuit->handleTie === true ? [$circuit, $house->circuit($circuit->multiwireWith)] : [$circuit];
    }
}
