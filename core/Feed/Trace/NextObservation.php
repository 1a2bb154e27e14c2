<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\Observed\Codes;

/**
 * Which observation to make next: what costs no dismantling first, by the relations it settles per minute; then the pairs of boxes
 * that are open already; then one more box, in the longest run that is not in order, its middle before its ends.
 *
 * Opening any box of a run of n that is in no known order, and lifting one pair, splits it; so the boxes opened average
 * 2(n + 1)/3 - 1, which no order of opening can beat. Reading which pair is the feed is never proposed: it says nothing of the
 * tree that lifting does not say as well.
 */
final readonly class NextObservation
{
    public function __construct(private Codes $codes)
    {
    }

    /** @param list<PartAnswer> $parts */
    public function of(array $parts): ?Next
    {
        foreach ([$this->withoutOpening(...), $this->inOpenBoxes(...), $this->oneMoreBox(...), $this->anyBox(...)] as $kind) {
            $best = null;
            $most = 0.0;
            foreach ($parts as $part) {
                foreach ($kind($part) as [$next, $settles]) {
                    if ($settles / $next->minutes > $most) {
                        $most = $settles / $next->minutes;
                        $best = $next;
                    }
                }
            }
            if ($best !== null) {
                return $best;
            }
        }

        return null;
    }

    /** @return iterable<array{Next, int}> */
    private function withoutOpening(PartAnswer $part): iterable
    {
        $points = $part->nodes->points;
        foreach ($part->nodes->allCircuits as $circuit) {
            $open = Bits::count($part->known->undecided($part->nodes->circuit($circuit->id) ?? 0) & $points);
            if ($open > 0) {
                yield [Next::off($circuit->id, $this->outlets($open) . " may be on {$this->codes->circuit($circuit->id)} or not: switching it off tells."), $open];
            }
        }
        foreach ($part->nodes->loads as $point => $load) {
            $open = $part->known->undecided($load) & $points;
            if ($open !== 0) {
                $code = $part->nodes->pointAt($point)->code;
                yield [Next::trip($part->nodes->pointAt($point)->id, $this->outlets(Bits::count($open)) . " may hang on the LOAD of $code or not: pressing its TEST tells."), Bits::count($open)];
            }
        }
        yield from $this->buttons($part);
    }

    /**
     * The tester's button is worth it where it settles one question: an outlet with a ground that nothing certain protects, and one device that may.
     *
     * @return iterable<array{Next, int}>
     */
    private function buttons(PartAnswer $part): iterable
    {
        foreach ($part->nodes->allPoints as $number => $point) {
            $bit = 1 << $number;
            $may = [];
            foreach ($part->nodes->loads as $device => $load) {
                if ($part->nodes->pointAt($device)->device->givesGfci()) {
                    if (($part->known->beyond($load) & $bit) !== 0) {
                        continue 2;
                    }
                    if (($part->known->undecided($load) & $bit) !== 0) {
                        $may[] = $device;
                    }
                }
            }
            $guarded = $point->device->givesGfci();
            foreach ($part->nodes->allCircuits as $circuit) {
                $guarded = $guarded || ($circuit->breaker()->givesGfci() && $part->known->isBeyond($part->nodes->circuit($circuit->id) ?? 0, $number) !== false);
            }
            if (count($may) === 1 && ! $guarded && $point->isReceptacle() && $point->ground()->isThere()) {
                yield [Next::button($point->id, "Only {$part->nodes->pointAt($may[0])->code} may protect {$point->code}: the tester's button there tells."), 1];
            }
        }
    }

    /** @return iterable<array{Next, int}> */
    private function inOpenBoxes(PartAnswer $part): iterable
    {
        foreach ($part->boxes as $point => $box) {
            $open = Bits::count($part->undecidedBeyond($point));
            foreach (array_diff($box->names(), $box->lifted, $box->feed === null ? [] : [$box->feed]) as $pair) {
                if ($open > 0) {
                    $code = $part->nodes->pointAt($point)->code;
                    yield [Next::lift($part->nodes->pointAt($point)->id, $pair, "The box of $code is open: lifting one pair shows what lies beyond it, " . $this->outlets($open) . ' in question.'), $open];
                    break;
                }
            }
        }
    }

    /** @return iterable<array{Next, int}> */
    private function oneMoreBox(PartAnswer $part): iterable
    {
        return $this->boxes($part, fn(int $point): bool => $this->opensToMoreThanOneAnswer($part, $point));
    }

    /** @return iterable<array{Next, int}> */
    private function anyBox(PartAnswer $part): iterable
    {
        return $this->boxes($part, fn(): bool => true);
    }

    /**
     * @param \Closure(int): bool $worth
     *
     * @return iterable<array{Next, int}>
     */
    private function boxes(PartAnswer $part, \Closure $worth): iterable
    {
        foreach ($part->nodes->allPoints as $number => $point) {
            $open = ($part->known->undecided($number) | $part->known->undecidedAbove($number)) & $part->nodes->points;
            if ($open !== 0 && ! isset($part->boxes[$number]) && $worth($number)) {
                // Twice the number, and one more for the middle: an end never goes before it.
                yield [
                    Next::open($point->id, "Where {$point->code} stands among {$this->outlets(Bits::count($open))} is not known: its pairs tell, one of them lifted."),
                    2 * Bits::count($open) + ($this->isMiddle($open, $number) ? 1 : 0),
                ];
            }
        }
    }

    /** Where fitting trees are at hand and all show the same number of pairs, counting them would show nothing. */
    private function opensToMoreThanOneAnswer(PartAnswer $part, int $point): bool
    {
        $counts = [];
        foreach ($part->fitting as $tree) {
            $counts[$part->childrenIn($tree, $point)] = true;
        }

        return count($part->fitting) < 2 || count($counts) > 1;
    }

    private function isMiddle(int $group, int $point): bool
    {
        $before = Bits::count($group & ((1 << $point) - 1));

        return abs(2 * $before - Bits::count($group)) <= 1;
    }

    private function outlets(int $count): string
    {
        return $count === 1 ? 'one outlet' : "$count outlets";
    }
}
