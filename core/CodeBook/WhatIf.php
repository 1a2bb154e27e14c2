<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Wiring;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/**
 * What would change an outlet's GFCI verdict. Nothing is said from a table: each answer is the house judged again with that one
 * thing changed, and kept only when the verdict really differs.
 */
final class WhatIf
{
    /** Beyond any limit, local ones included. */
    private const OUT_OF_REACH_FT = 1000.0;

    private readonly Assess $now;

    /** @var array<Verdict> by point id, as they are asked for */
    private array $verdictsNow = [];

    /** @var array<string, Assess> the house as other editions judge it, by the edition's name */
    private readonly array $elsewhere;

    public function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
    ) {
        $this->now = new Assess($house, feeds: $feeds);
        $elsewhere = [];
        foreach (CodeBook::shipped()->editions() as $edition) {
            if ($edition !== $house->code->edition && $edition->family() === $house->code->edition->family()) {
                $elsewhere[$edition->label()] = new Assess($house, $edition, feeds: $feeds);
            }
        }
        $this->elsewhere = $elsewhere;
    }

    /** @return list<Alternative> ways to close a gap first, then facts and editions that would judge otherwise */
    public function for(Point $point): array
    {
        $verdict = $this->verdictNow($point->id);
        $gap = in_array($verdict, [Verdict::Missing, Verdict::Advised], true);
        $found = [...($gap ? $this->repairs($point) : []), ...$this->otherFacts($point), ...$this->otherEditions($point)];

        return array_values(array_filter($found, fn(Alternative $a): bool => $a->verdict !== $verdict));
    }

    /** @return list<Alternative> */
    private function repairs(Point $point): array
    {
        $found = [];
        foreach ($this->pathUp($point) as [$cable, $device, $below]) {
            if ($device->device->givesGfci() && $cable->from instanceof CableEnd && ! $cable->from->land()->isLoad()) {
                $landed = $cable->with(from: $cable->from->with(land: Landing::both(Land::Load)));
                $found[] = $this->repaired(
                    $point,
                    "Land the cable to {$below->code} on LOAD of {$device->code}.",
                    $this->house->withCable($landed),
                );
            }
            if ($this->feeds->wiring($device) !== Wiring::Right) {
                $found[] = $this->fedOnLine($point, $device);
            }
        }
        if ($point->device->givesGfci() && $this->feeds->wiring($point) !== Wiring::Right) {
            $found[] = $this->fedOnLine($point, $point);
        } elseif ($point->isReceptacle() && $point->accessible()) {
            $found[] = $this->repaired($point, 'A GFCI receptacle here.', $this->house->withPoint($point->with(device: Device::Gfci)));
        }
        $circuit = $this->feeds->feed($point)->circuit;
        if ($circuit !== null) {
            $found[] = $this->repaired(
                $point,
                "A GFCI breaker at {$circuit->slot} {$circuit->label}.",
                $this->house->withCircuit($circuit->with(breaker: BreakerType::Gfci)),
            );
        }

        return $found;
    }

    /** @return list<array{Cable, Point, Point}> each cable on the way up to the breaker, the point it leaves, the point it feeds */
    private function pathUp(Point $point): array
    {
        $path = [];
        for ($feed = $this->feeds->feed($point); $feed->cable !== null && $feed->upstream !== null; $feed = $this->feeds->feed($point)) {
            $path[] = [$feed->cable, $feed->upstream, $point];
            $point = $feed->upstream;
        }

        return $path;
    }

    private function fedOnLine(Point $point, Point $device): Alternative
    {
        $house = $this->house;
        foreach ($house->cables as $cable) {
            if ($cable->to->point === $device->id) {
                $house = $house->withCable($cable->with(to: $cable->to->with(land: Landing::both(Land::Line))));
            }
        }

        return $this->repaired($point, "Put the feed of {$device->code} on LINE.", $house);
    }

    /** @return list<Alternative> */
    private function otherFacts(Point $point): array
    {
        $found = [];
        foreach ($point->distances() as $i => $distance) {
            $water = mb_strtolower($this->house->fixture($distance->fixture)->kind->label());
            $found[] = $this->judged(
                $point,
                "If the cord path to the $water were longer than the limit.",
                $this->remeasured($point, $i, $distance->with(ft: self::OUT_OF_REACH_FT)),
            );
            $found[] = $distance->crosses() === Crosses::Barrier
                ? $this->judged(
                    $point,
                    "If nothing stood in the path to the $water.",
                    $this->remeasured($point, $i, $distance->with(crosses: Crosses::None)),
                )
                : $this->judged(
                    $point,
                    "If a wall or fixed barrier stood in the path to the $water.",
                    $this->remeasured($point, $i, $distance->with(crosses: Crosses::Barrier)),
                );
        }
        $counter = $point->serves() === Serves::Countertop;
        $found[] = $this->judged(
            $point,
            $counter ? 'If it did not serve the countertop.' : 'If it served the countertop.',
            $point->with(serves: $counter ? Serves::General : Serves::Countertop),
        );

        return $found;
    }

    private function remeasured(Point $point, int $index, Distance $distance): Point
    {
        $distances = $point->distances();
        $distances[$index] = $distance;

        return $point->with(distances: array_values($distances));
    }

    /** @return list<Alternative> */
    private function otherEditions(Point $point): array
    {
        $found = [];
        foreach ($this->elsewhere as $edition => $assess) {
            $found[] = new Alternative("Under $edition.", $this->verdict($assess, $point));
        }

        return $found;
    }

    private function repaired(Point $point, string $text, House $house): Alternative
    {
        $then = new Assess($house);
        $also = [];
        foreach ($house->points as $other) {
            if ($other->id === $point->id || $this->feeds->feed($other)->circuit?->id !== $this->feeds->feed($point)->circuit?->id) {
                continue;
            }
            if ($this->verdictNow($other->id) !== Verdict::Met && $this->verdict($then, $other) === Verdict::Met) {
                $also[] = $other->code;
            }
        }

        return new Alternative($text, $this->verdict($then, $house->point($point->id)), $also);
    }

    private function judged(Point $point, string $text, Point $instead): Alternative
    {
        return new Alternative($text, $this->verdict(new Assess($this->house->withPoint($instead), feeds: $this->feeds), $instead));
    }

    private function verdictNow(string $pointId): Verdict
    {
        return $this->verdictsNow[$pointId] ??= $this->verdict($this->now, $this->house->point($pointId));
    }

    private function verdict(Assess $assess, Point $point): Verdict
    {
        return $assess->verdict($point, Protection::Gfci);
    }
}
