<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\Observed\Observation;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/** The answers for the parts of a house in its own words: places, edges, and pairs whose order is not known. */
final readonly class Drawing
{
    /** @param list<PartAnswer> $parts */
    public function __construct(
        private House $house,
        private FeedMap $feeds,
        private array $parts,
    ) {
    }

    /**
     * @param list<Conflict> $conflicts
     * @param array<int, Observation> $observations
     */
    public function trace(array $conflicts, ?Next $next, bool $resolved, array $observations): Trace
    {
        $places = $certain = $guesses = $unknown = $boxes = [];
        foreach ($this->parts as $part) {
            foreach ($part->nodes->allPoints as $number => $point) {
                $places[$point->id] = $this->place($part, $number, $point);
                $edge = $this->edge($part, $number, $point);
                if ($edge !== null) {
                    $edge->certain ? $certain[] = $edge : $guesses[] = $edge;
                }
                foreach ($part->nodes->ids($part->known->undecided($number)) as $beyond) {
                    $unknown[] = [$point->id, $beyond];
                }
                if (isset($part->boxes[$number])) {
                    $boxes[$point->id] = $part->boxes[$number];
                }
            }
        }
        $inOrder = array_map(
            fn(Point $point): Place => $places[$point->id] ?? new Place($point->id, null, $this->itself($point), [], false),
            $this->house->points,
        );

        return new Trace($inOrder, [...$certain, ...$guesses], $unknown, $conflicts, $next, $resolved, $observations, $boxes);
    }

    private function place(PartAnswer $part, int $number, Point $point): Place
    {
        $known = $part->known;
        $above = $known->above($number) & $part->nodes->points;
        $nearestFirst = Bits::of($above);
        usort($nearestFirst, fn(int $one, int $other): int => Bits::count($known->above($other)) <=> Bits::count($known->above($one)));
        $circuit = null;
        foreach ($part->nodes->allCircuits as $candidate) {
            $node = $part->nodes->circuit($candidate->id) ?? 0;
            $under = $known->isBeyond($node, $number) === true;
            $sub = array_filter(
                $part->nodes->allCircuits,
                fn($other): bool => $known
                    ->isBeyond($node, $part->nodes->circuit($other->id) ?? 0) === true && $known
                    ->isBeyond($part->nodes->circuit($other->id) ?? 0, $number) !== false,
            );
            if ($under && $sub === []) {
                $circuit = $candidate;
            }
        }
        $guards = $this->itself($point);
        foreach ($nearestFirst as $device) {
            $load = $part->nodes->loads[$device] ?? null;
            if ($load !== null && $part->nodes->pointAt($device)->device->givesGfci() && $known->isBeyond($load, $number) === true) {
                $guards[] = $part->nodes->pointAt($device)->id;
            }
        }
        $breakers = array_map(fn(Guard $guard): string => $guard->id(), $this->feeds->breakerGuards($circuit, Protection::Gfci));

        return new Place(
            $point->id,
            $circuit?->id,
            [...$guards, ...$breakers],
            array_map(fn(int $device): string => $part->nodes->pointAt($device)->id, $nearestFirst),
            $part->parent($number) !== null,
        );
    }

    /** @return list<string> */
    private function itself(Point $point): array
    {
        return $point->device->givesGfci() && $this->feeds->wiring($point) === \Bouclier\Core\Feed\Wiring::Right ? [$point->id] : [];
    }

    private function edge(PartAnswer $part, int $number, Point $point): ?Edge
    {
        $parent = $part->parent($number);
        $from = $parent ?? $part->guessedParent($number);
        if ($from === null) {
            return null;
        }
        if ($from >= count($part->nodes->allPoints)) {
            return new Edge($part->nodes->circuitAt($from)->id, $point->id, null, $parent !== null);
        }
        $load = $part->nodes->loads[$from] ?? null;
        $onLoad = $load === null || $parent === null ? null : $part->known->isBeyond($load, $number);

        return new Edge($part->nodes->pointAt($from)->id, $point->id, $load === null ? $this->written($point) : $onLoad, $parent !== null);
    }

    /** How a known cable leaves what is no protective device: as it is written. */
    private function written(Point $point): ?bool
    {
        $cable = $this->feeds->feed($point)->cable;

        return $cable?->from instanceof CableEnd ? $cable->from->land()->isLoad() : null;
    }
}
