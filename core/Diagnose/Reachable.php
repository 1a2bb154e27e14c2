<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Faults\Lenders;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/**
 * The part of a house a symptom can come from: its own circuit, what that feeds, and what hangs on the same protective feeder. Aside of it
 * what the tests name, one more circuit to try things on, and of the others near it what a neutral may have been borrowed from.
 */
final readonly class Reachable
{
    /** Circuits that may have lent a neutral; those with outlets in the same areas are thought of first. */
    private const LENDING = 6;

    /** @param array<bool> $aside points whose circuit is another: nothing there leads to the symptom but a neutral that is shared, by id */
    private function __construct(
        public House $house,
        public array $aside,
    ) {
    }

    /** @param list<Test> $tests */
    public static function of(House $house, Symptom $symptom, array $tests): self
    {
        $feeds = new FeedMap($house);
        $of = fn(?string $id): ?Circuit => match (true) {
            $id === null => null,
            $house->hasPoint($id) => $feeds->feed($house->point($id))->circuit,
            default => $house->circuit($id),
        };
        $own = $of($symptom->at);
        if ($own === null) {
            return new self($house, []);
        }
        $mine = self::circuits($house, $own);
        $whole = $mine;
        foreach ($tests as $test) {
            foreach ([$test->action->at->point, $test->action->at->circuit, $test->action->to()] as $id) {
                $whole[$of($id)->id ?? $own->id] = true;
            }
        }
        $others = array_filter(
            $house->circuits,
            fn(Circuit $circuit): bool => ! isset($mine[$circuit->id]) && $feeds->pointsOn($circuit) !== [],
        );
        if ($others !== [] && array_filter($others, fn(Circuit $circuit): bool => isset($whole[$circuit->id])) === []) {
            $whole[$others[array_key_first($others)]->id] = true;
        }
        $whole = self::withPartners($house, $whole);
        $lending = self::lending($feeds, $whole);
        $inside = $lending;
        foreach ($house->points as $point) {
            // With what leads to it, be that believed to be on another circuit.
            for ($on = isset(
                $whole[$feeds->feed($point)->circuit->id ?? ''],
            ) ? $point : null; $on !== null && ! isset($inside[$on->id]); $on = $feeds->feed($on)->upstream) {
                $inside[$on->id] = true;
            }
        }
        $inside = self::withStarts($house, $inside);
        $points = array_values(array_filter($house->points, fn(Point $point): bool => isset($inside[$point->id])));
        $ids = array_flip(array_map(fn(Point $point): string => $point->id, $points));
        $aside = array_filter($points, fn(Point $point): bool => ! isset($mine[$feeds->feed($point)->circuit->id ?? '']));

        return new self($house->with(
            points: array_map(
                fn(Point $point): Point => $point->yokeWith !== null && ! isset($ids[$point->yokeWith])
                ? $point->with(yokeWith: null)
                : $point,
                $points,
            ),
            cables: array_values(array_filter($house->cables, fn(Cable $cable): bool => isset($ids[$cable->to->point]))),
            appliances: array_values(
                array_filter($house->appliances, fn(Appliance $appliance): bool => $appliance->at === null || isset($ids[$appliance->at])),
            ),
        ), array_fill_keys(array_map(fn(Point $point): string => $point->id, $aside), true));
    }

    /**
     * @param array<bool> $inside points by id
     *
     * @return array<bool> with every point a cable comes from that goes to one of them, be it capped there: no cable begins at nothing
     */
    private static function withStarts(House $house, array $inside): array
    {
        do {
            $before = count($inside);
            foreach ($house->cables as $cable) {
                if (isset($inside[$cable->to->point]) && $cable->fromPoint() !== null) {
                    $inside[$cable->fromPoint()] = true;
                }
            }
        } while (count($inside) > $before);

        return $inside;
    }

    /**
     * @return array<bool> by id: what a circuit feeds, what hangs on a protective feeder with it, and what shares a neutral with any of
     *     these
     */
    private static function circuits(House $house, Circuit $own): array
    {
        $circuits = [];
        foreach ($house->withFeeders($own) as $feeder) {
            $isOne = $feeder->id === $own->id || $feeder->breaker()->givesGfci() || $feeder->breaker()->givesAfci();
            foreach ($isOne ? $house->fedBy($feeder) : [] as $circuit) {
                $circuits[$circuit->id] = true;
            }
        }

        return self::withPartners($house, $circuits);
    }

    /**
     * @param array<bool> $circuits by id
     *
     * @return array<bool> with those that share a neutral with any of them
     */
    private static function withPartners(House $house, array $circuits): array
    {
        foreach ($house->circuits as $circuit) {
            if ($circuit->multiwireWith !== null && isset($circuits[$circuit->multiwireWith])) {
                $circuits[$circuit->id] = true;
            }
        }

        return $circuits;
    }

    /**
     * @param array<bool> $whole circuits that are kept whole, by id
     *
     * @return array<bool> lenders on others, and what leads to them, by id
     */
    private static function lending(FeedMap $feeds, array $whole): array
    {
        $areas = $near = $lenders = [];
        foreach ($feeds->house->points as $point) {
            $areas[$point->area] = ($areas[$point->area] ?? false) || isset($whole[$feeds->feed($point)->circuit->id ?? '']);
        }
        foreach (Lenders::in($feeds) as $lender) {
            $circuit = $feeds->feed($lender)->circuit->id ?? '';
            if (! isset($whole[$circuit])) {
                $lenders[$circuit][] = $lender;
                $near[$circuit] = array_filter(
                    $feeds->pointsOn($feeds->house->circuit($circuit)),
                    fn(Point $point): bool => $areas[$point->area],
                ) !== [];
            }
        }
        uksort($lenders, fn(string|int $one, string|int $other): int => $near[$other] <=> $near[$one]);
        $kept = [];
        foreach (array_merge(...array_slice(array_values($lenders), 0, self::LENDING)) as $lender) {
            for ($point = $lender; $point !== null; $point = $feeds->feed($point)->upstream) {
                $kept[$point->id] = true;
            }
        }

        return $kept;
    }
}
