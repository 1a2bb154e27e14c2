<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\Feed\Observed\Switchings;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\DeadProof;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\Switched;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\Panel;

/** Breakers turned off and on, as `records.switched` of the house file. */
final class Switching
{
    /** What happens in the house itself: nothing of it is turned back on paper. */
    private const HAPPENED = [EntryList::Switched, EntryList::Proofs, EntryList::Boxes, EntryList::Locks];

    /**
     * A breaker turned; one that is tied to its neighbour takes it along. Turned on, it ends every proof that rests on it or on what it
     * feeds; turned either way, those of points whose own breaker is not known, in its panel.
     *
     * @param string $at ISO 8601
     */
    public static function turned(House $house, Circuit $circuit, bool $on, string $who, string $at): House
    {
        foreach (self::tied($house, $circuit) as $one) {
            $before = $house;
            $house = $house->withEntry(new Switched($on, $one->id, atTime: $at, who: $who));
            $house = self::ended($before, $house, $house->fedBy($one), $on, (new Codes($house))->circuit($one->id), $who, $at);
        }

        return $house;
    }

    /** The main of a panel turned: with it goes everything the panel feeds, whatever its breakers say. */
    public static function mainTurned(House $house, Panel $panel, bool $on, string $who, string $at): House
    {
        $after = $house->withEntry(new Switched($on, panel: $panel->id, atTime: $at, who: $who));
        $fed = array_merge(
            ...array_map(
                $house->fedBy(...),
                array_values(array_filter($house->circuits, fn(Circuit $one): bool => $one->panel === $panel->id)),
            ),
        );

        return self::ended($house, $after, $fed, $on, "the main of {$panel->name}", $who, $at);
    }

    /** Power that came to a circuit, as a test of it shows: its breaker is on, and so are the mains before it. */
    public static function powered(House $house, Circuit $circuit, string $who, string $at): House
    {
        foreach ($house->withFeeders($circuit) as $one) {
            if ((new Switchings($house))->isMainOff($one->panel)) {
                $house = self::mainTurned($house, $house->panel($one->panel), true, $who, $at);
            }
        }

        return self::turned($house, $circuit, true, $who, $at);
    }

    /** @param list<Circuit> $fed */
    private static function ended(House $before, House $after, array $fed, bool $on, string $what, string $who, string $at): House
    {
        $why = "$what was turned " . ($on ? 'on' : 'off') . " by $who" . Moment::at($at);
        $rests = fn(DeadProof $proof): bool => array_intersect(
            $proof->circuits,
            array_map(fn(Circuit $circuit): string => $circuit->id, $fed),
        ) !== [];
        $unknown = Proving::ofUnknownBreakers($before, array_map(fn(Circuit $circuit): string => $circuit->panel, $fed));

        return Proving::withdrawn($after, fn(DeadProof $proof): bool => ($on && $rests($proof)) || $unknown($proof), $at, $why);
    }

    /**
     * A house in an earlier state, with what was switched, opened and proved since: whatever is turned back on paper, no breaker turns with
     * it.
     */
    public static function kept(House $now, House $then): House
    {
        foreach (self::HAPPENED as $list) {
            $entries = $now->entries->in($list);
            if ($entries !== $then->entries->in($list)) {
                $then = $then->with(entries: $then->entries->with($list, $entries));
            }
        }

        return $then;
    }

    /** @return list<Circuit> */
    public static function tied(House $house, Circuit $circuit): array
    {
        return $circuit->multiwireWith !== null && $circuit->handleTie === true
            ? [$circuit, $house->circuit($circuit->multiwireWith)]
            : [$circuit];
    }
}
