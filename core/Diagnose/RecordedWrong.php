<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Faults\Open;
use Bouclier\Core\Faults\SplitPair;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Spot;

/**
 * What the house file itself records as it should not be: a pair split between LINE and LOAD, one conductor of a pair capped, a cable
 * without a ground, a protective breaker of one pole on a shared neutral. Where the wiring as it is recorded does what the call tells,
 * that is the cause, and needs no other.
 */
final class RecordedWrong
{
    /** @return array<Circuit> by id of the cause: a circuit whose protective breaker has one pole on a shared neutral, one of two halves */
    public static function underOnePole(House $house): array
    {
        $circuits = [];
        foreach (array_filter($house->circuits, $house->missesOtherHalf(...)) as $circuit) {
            if (! in_array($circuit->multiwireWith, array_column($circuits, 'id'), true)) {
                $circuits["shared_neutral:$circuit->id"] = $circuit;
            }
        }

        return $circuits;
    }

    /**
     * @return array<float> how likely the call is with just that wrong, by id of the hypothesis it is; those that would not lead to it are
     *     left out
     */
    public static function leadsTo(House $house, Symptom $symptom): array
    {
        $wrong = array_merge(
            array_map(
                fn(Circuit $one): \Closure => fn(House $with): House => $with->onTwoPoles($one, $one->breaker()),
                self::underOnePole($house),
            ),
            ...array_map(self::inCable(...), $house->cables),
        );
        $without = self::fit($house, $symptom, $wrong);
        $leads = [];
        foreach ($wrong as $id => $mended) {
            // Two in a row are each enough by themselves, and mending either would help nothing: each is tried alone.
            $fit = self::fit($house, $symptom, array_diff_key($wrong, [$id => $mended]));
            if ($fit > SymptomFit::HARDLY && $fit > $without) {
                $leads[$id] = $fit;
            }
        }

        return $leads;
    }

    /** @return array<\Closure(House): House> by id of the hypothesis it is: the house with that right */
    private static function inCable(Cable $cable): array
    {
        $wrong = [];
        if (! $cable->grounds()) {
            $wrong[Open::cause($cable->id, Conductor::Ground)] = fn(House $one): House => $one->withCable(
                ($one->findCable($cable->id) ?? $cable)->with(ground: true),
            );
        }
        foreach (['from' => $cable->landingAtStart(), 'to' => $cable->landingAtEnd()] as $end => $landing) {
            if ($landing === null || ! $landing->isMixed()) {
                continue;
            }
            $id = match (Land::Cap) {
                $landing->hot => Open::cause($cable->id, Conductor::Hot),
                $landing->neutral => Open::cause($cable->id, Conductor::Neutral),
                default => SplitPair::cause(
                    new Spot(cable: $cable->id, atFrom: $end === 'from'),
                    $landing->hot === Land::Load ? Land::Load : Land::Line,
                ),
            };
            $right = Landing::both($landing->hot === Land::Load || $landing->neutral === Land::Load ? Land::Load : Land::Line);
            $wrong[$id] = fn(House $one): House => $one->withCable(self::landed($one->findCable($cable->id) ?? $cable, $end, $right));
        }

        return $wrong;
    }

    private static function landed(Cable $cable, string $end, Landing $landing): Cable
    {
        $at = $end === 'from' ? $cable->from : $cable->to;

        return $at instanceof CableEnd ? $cable->with(...[$end => new CableEnd($at->point, $landing)]) : $cable;
    }

    /** @param array<\Closure(House): House> $mended */
    private static function fit(House $house, Symptom $symptom, array $mended): float
    {
        $as = array_reduce($mended, fn(House $one, \Closure $mend): House => $mend($one), $house);

        return (new SymptomFit(new Foresight($as, new FeedMap($as)), $symptom))->asItStands;
    }
}
