<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\BoxOpened;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\DeadProof;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\VoltReading;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\ProofWay;

/** Proofs of dead made and ended, as `records.proofs` of the house file. */
final class Proving
{
    private const MOST_WHY = 200;

    /**
     * Files a proof at a point. It rests on the breakers of that point, or, while those are not known, on every breaker that is off.
     *
     * @param list<VoltReading> $dead
     *
     * @throws NotProved
     */
    public static function proved(
        House $house,
        Point $point,
        ProofWay $way,
        ?VoltReading $liveBefore,
        array $dead,
        ?VoltReading $liveAfter,
        Asker $by,
    ): House {
        $state = new LiveState($house, new FeedMap($house), $by);
        $rests = $state->restsOn($point);
        $proof = new DeadProof(
            array_map(fn(Circuit $circuit): string => $circuit->id, $rests),
            $dead,
            $liveBefore,
            $liveAfter,
            DeadProof::LIMIT_VOLTS,
            $way,
            $by->helper,
            atTime: $by->now,
            who: $by->name,
        );
        $objections = [
            ...array_map(
                fn(Circuit $on): string => (new Codes($house))->circuit($on->id) . ' is not off',
                array_values(array_filter($state->breakersOf($point), fn(Circuit $one): bool => ! $state->isOff($one))),
            ),
            ...($rests === [] ? ['no breaker is off'] : []),
            ...ProofObjections::of($proof, $point, ToRead::at($house, $point, $way), $house->supplyVolts()),
        ];
        $nothing = $objections === [] ? $state->provesNothing($point, $way) : null;
        if ($nothing !== null) {
            $objections[] = $nothing;
        }

        if ($objections !== [] && $by->isLate) {
            // It was read, and taken where it was read. What speaks against it came from elsewhere: it is filed, and stands for nothing.
            return $house->withEntry($proof->withdrawn($by->now, mb_strimwidth(implode('; ', $objections), 0, self::MOST_WHY, '…')));
        }

        return $objections === [] ? $house->withEntry($proof) : throw new NotProved($objections);
    }

    /**
     * A changed house, with every proof ended that what is new in it speaks against: a point that read live, a box with more pairs than
     * were proved.
     *
     * @param string $at ISO 8601
     */
    public static function upheld(House $before, House $after, string $at): House
    {
        $stands = fn(DeadProof $proof): bool => $proof->withdrawnAt === null;
        if (array_filter($after->entries->all(DeadProof::class), $stands) === []) {
            return $after;
        }
        foreach (self::newSightings($before, $after) as $sighting) {
            if ($sighting->isLive) {
                $point = $after->point($sighting->point);
                $same = [$point->id, $point->yokeWith];
                $after = self::withdrawn(
                    $after,
                    fn(DeadProof $proof): bool => array_intersect($proof->points(), $same) !== [],
                    $at,
                    "{$point->code} read live: {$sighting->shown}{$sighting->by()}",
                );
            }
        }
        foreach ($after->points as $point) {
            $pairs = BoxOpened::pairsAt($before, $point->id);
            $now = BoxOpened::pairsAt($after, $point->id);
            if ($pairs !== null && $now !== null && $now > $pairs) {
                $after = self::withdrawn(
                    $after,
                    fn(DeadProof $proof): bool => in_array($point->id, $proof->points(), true),
                    $at,
                    "{$point->code} has $now pairs, and $pairs were proved dead",
                );
            }
        }

        return $after;
    }

    /** A house that comes from a file: what was proved there was proved on another day, by whoever had it then. */
    public static function leftBehind(House $house, string $at): House
    {
        return self::withdrawn($house, fn(): bool => true, $at, 'it came with a house file');
    }

    /** @param \Closure(DeadProof): bool $which of those that were not withdrawn before */
    public static function withdrawn(House $house, \Closure $which, string $at, string $why): House
    {
        $ended = false;
        $proofs = [];
        foreach ($house->entries->all(DeadProof::class) as $proof) {
            $isOne = $proof->withdrawnAt === null && $which($proof);
            $proofs[] = $isOne ? $proof->withdrawn($at, mb_strimwidth($why, 0, self::MOST_WHY, '…')) : $proof;
            $ended = $ended || $isOne;
        }

        return $ended ? $house->with(entries: $house->entries->with(EntryList::Proofs, $proofs)) : $house;
    }

    /**
     * Proofs at points whose own breaker is not known, resting on breakers of these panels: any that is turned there may be theirs.
     *
     * @param list<string> $panels
     *
     * @return \Closure(DeadProof): bool
     */
    public static function ofUnknownBreakers(House $house, array $panels): \Closure
    {
        $state = new LiveState($house, new FeedMap($house));

        return function (DeadProof $proof) use ($house, $state, $panels): bool {
            $points = array_filter(
                $proof->points(),
                fn(string $id): bool => $house->hasPoint($id) && $state->breakersOf($house->point($id)) === [],
            );
            $rests = array_filter(
                $house->circuits,
                fn(Circuit $circuit): bool => in_array($circuit->id, $proof->circuits, true) && in_array($circuit->panel, $panels, true),
            );

            return $points !== [] && $rests !== [];
        };
    }

    /** @return list<Sighting> those of facts that were not there before */
    private static function newSightings(House $before, House $after): array
    {
        $known = array_count_values(array_map(fn(Sighting $one): string => "{$one->point} {$one->entry}", Sightings::in($before)));

        return array_values(array_filter(Sightings::in($after), function (Sighting $one) use (&$known): bool {
            $key = "{$one->point} {$one->entry}";
            if (($known[$key] ?? 0) > 0) {
                --$known[$key];

                return false;
            }

            return true;
        }));
    }
}
