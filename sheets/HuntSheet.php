<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Feed\BreakerHints;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\BreakerHunt;
use Bouclier\Core\Live\Candidate;
use Bouclier\Core\Live\Candidates;
use Bouclier\Core\Live\HuntPhase;
use Bouclier\Core\Live\LiveState;
use Bouclier\Core\Live\PowerOn;

/**
 * A search for a breaker as both phones show it.
 *
 * @phpstan-type Slot array{id: string, slot: string, label: string}
 * @phpstan-type HuntPage array{
 *     step: int,
 *     // Who began it, and so stands at the outlet.
 *     by: string|null,
 *     byName: string|null,
 *     point: string,
 *     code: string,
 *     phase: value-of<HuntPhase>,
 *     // Breakers it may still be.
 *     left: int,
 *     off: list<Slot>,
 *     on: list<Slot>,
 *     found: list<Slot>,
 *     // Open boxes that power would come to, in words, and whether bare ends there forbid it.
 *     boxes: list<string>,
 *     waits: bool,
 * }
 * @phpstan-type CandidateLine array{
 *     id: string,
 *     slot: string,
 *     label: string,
 *     reasons: list<string>,
 *     // Others whose label is the same: turned off with it.
 *     alike: list<Slot>,
 * }
 * @phpstan-type BreakersPage array{
 *     // Which it may be, the likeliest first.
 *     candidates: list<CandidateLine>,
 *     // Points where nothing worked when somebody looked last.
 *     dead: list<string>,
 * }
 */
final class HuntSheet
{
    /**
     * @param int $step how often it was answered
     * @param string|null $by the id of who began it
     *
     * @return HuntPage|null null when what it is about was taken out of the house
     */
    public static function of(BreakerHunt $hunt, House $house, int $step, ?string $by, ?string $byName): ?array
    {
        if (! $hunt->standsIn($house)) {
            return null;
        }
        $power = PowerOn::to($house, new LiveState($house, new FeedMap($house)), array_map($house->circuit(...), $hunt->on));

        return [
            'step' => $step,
            'by' => $by,
            'byName' => $byName,
            'point' => $hunt->point,
            'code' => $house->point($hunt->point)->code,
            'phase' => $hunt->phase->value,
            'left' => count($hunt->among),
            'off' => self::breakers($house, $hunt->off),
            'on' => self::breakers($house, $hunt->on),
            'found' => self::breakers($house, $hunt->found),
            // Power would come to boxes that are open: said before, and not asked for while bare ends hang free.
            'boxes' => $power->spoken(),
            'waits' => ! $power->mayBeOffered(),
        ];
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Slot>
     */
    private static function breakers(House $house, array $ids): array
    {
        return array_map(
            fn(string $id): array => ['id' => $id, 'slot' => $house->circuit($id)->slot, 'label' => $house->circuit($id)->label],
            $ids,
        );
    }

    /** @return BreakersPage which breakers it may be, and what speaks for each */
    public static function breakersOf(House $house, string $point): array
    {
        return [
            'candidates' => array_map(
                fn(Candidate $one): array => self::candidate($house, $one),
                Candidates::for($house, $house->point($point)),
            ),
            'dead' => (new BreakerHints(new FeedMap($house)))->dead(),
        ];
    }

    /** @return CandidateLine */
    private static function candidate(House $house, Candidate $candidate): array
    {
        return [
            'id' => $candidate->circuit->id,
            'slot' => $candidate->circuit->slot,
            'label' => $candidate->circuit->label,
            'reasons' => $candidate->reasons,
            'alike' => self::breakers($house, array_map(fn(Circuit $other): string => $other->id, $candidate->alike)),
        ];
    }
}
