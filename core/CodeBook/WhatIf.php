<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/**
 * What would change an outlet's verdict. Nothing is said from a table: each answer is the house judged again with that one thing changed,
 * and kept only when the verdict really differs.
 */
final class WhatIf
{
    private readonly Assess $now;

    /** @var array<Verdict> by point id, as they are asked for */
    private array $verdictsNow = [];

    /** @var array<string, Assess> the house as other editions judge it, by the edition's name */
    private readonly array $elsewhere;

    public function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
        private readonly Protection $protection = Protection::Gfci,
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
        $found = [];
        if ($verdict->isGap()) {
            foreach ((new Repairs($this->house, $this->feeds, $this->protection))->at($point) as [$text, $house]) {
                $found[] = $this->repaired($point, $text, $house);
            }
        }
        foreach ((new OtherFacts($this->house, $this->feeds, $this->protection))->of($point, $verdict) as [$text, $house]) {
            $assess = new Assess($house, feeds: $house->circuits === $this->house->circuits ? $this->feeds : null);
            $found[] = new Alternative($text, $this->verdict($assess, $house->point($point->id)));
        }
        foreach ($this->elsewhere as $edition => $assess) {
            $found[] = new Alternative("Under $edition.", $this->verdict($assess, $point));
        }

        return array_values(array_filter($found, fn(Alternative $a): bool => $a->verdict !== $verdict));
    }

    private function repaired(Point $point, string $text, House $house): Alternative
    {
        $then = new Assess($house);
        $also = [];
        $own = $this->feeds->feed($point)->circuit;
        $circuits = array_filter([$own?->id, $own?->multiwireWith], is_string(...));
        foreach ($house->points as $other) {
            if ($other->id === $point->id || ! in_array($this->feeds->feed($other)->circuit?->id, $circuits, true)) {
                continue;
            }
            if ($this->verdictNow($other->id) !== Verdict::Met && $this->verdict($then, $other) === Verdict::Met) {
                $also[] = $other->code;
            }
        }

        return new Alternative($text, $this->verdict($then, $house->point($point->id)), $also);
    }

    private function verdictNow(string $pointId): Verdict
    {
        return $this->verdictsNow[$pointId] ??= $this->verdict($this->now, $this->house->point($pointId));
    }

    private function verdict(Assess $assess, Point $point): Verdict
    {
        return $assess->verdict($point, $this->protection);
    }
}
