<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\BreakerHints;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Rank;

/**
 * Which observation to make next: what costs no dismantling first, by the bits it is likely to give per minute; then the pairs of boxes
 * that are open already; then one more box, in the longest run that is not in order, its middle before its ends.
 *
 * Opening any box of a run of n that is in no known order, and lifting one pair, splits it; so the boxes opened average
 * 2(n + 1)/3 - 1, which no order of opening can beat. Reading which pair is the feed is never proposed: it says nothing of the
 * tree that lifting does not say as well.
 */
final readonly class NextObservation
{
    /**
     * @param list<string> $failed devices whose TEST opens nothing: they are replaced before it tells anything
     * @param list<string>|null $only points that count, by id; null: all of them
     */
    public function __construct(
        private Codes $codes,
        private BreakerHints $hints,
        private array $failed = [],
        private ?array $only = null,
    ) {
    }

    /** @param list<PartAnswer> $parts */
    public function of(array $parts): ?Next
    {
        foreach ([
            $this->withoutOpening(...), $this->inOpenBoxes(...), $this->oneMoreBox(...), $this->anyBox(...), $this->onceReplaced(...),
        ] as $kind) {
            $best = null;
            $most = 0.0;
            foreach ($parts as $part) {
                foreach ($kind($part) as [$next, $settles]) {
                    // Of equals the one that stands first in the walk.
                    $aMinute = Rank::digits($settles / $next->minutes);
                    if ($aMinute > $most) {
                        $most = $aMinute;
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

    /** @return iterable<array{Next, float}> */
    private function withoutOpening(PartAnswer $part): iterable
    {
        $points = $this->counting($part);
        foreach ($part->nodes->allCircuits as $circuit) {
            $open = Bits::of($part->known->undecided($part->nodes->circuit($circuit->id) ?? 0) & $points);
            if ($open !== []) {
                $gain = array_sum(array_map(fn(int $point): float => self::gain($this->chanceOn($part, $circuit, $point)), $open));
                yield [Next::off(
                    $circuit->id,
                    $this->outlets(count($open)) . " may be on {$this->codes->circuit($circuit->id)} or not: switching it off tells.",
                ), $gain];
            }
        }
        yield from $this->tests($part, false);
        yield from $this->buttons($part);
    }

    /** @return iterable<array{Next, float}> the TEST of a device that opens nothing now: it is replaced first, and traced then */
    private function onceReplaced(PartAnswer $part): iterable
    {
        return $this->tests($part, true);
    }

    /** @return iterable<array{Next, float}> the TEST of devices that have failed it, or of all others */
    private function tests(PartAnswer $part, bool $failed): iterable
    {
        foreach ($part->nodes->loads as $device => $load) {
            $open = Bits::of($part->known->undecided($load) & $this->counting($part));
            $point = $part->nodes->pointAt($device);
            if ($open !== [] && in_array($point->id, $this->failed, true) === $failed) {
                $gain = array_sum(array_map(fn(int $one): float => self::gain($this->chanceBeyond($part, $device, $one)), $open));
                yield [Next::trip($point->id, $failed
                    ? "TEST at {$point->code} opens nothing now: replace it first, then its TEST tells what hangs on its LOAD."
                    : $this->outlets(count($open)) . " may hang on the LOAD of {$point->code} or not: pressing its TEST tells."), $gain];
            }
        }
    }

    /** Bits that a yes or no gives; never nothing, for hints may be wrong. */
    private static function gain(float $chance): float
    {
        return max(
            0.05,
            $chance <= 0.0 || $chance >= 1.0
                ? 0.0
                : -$chance * Arithmetic::log2($chance) - (1.0 - $chance) * Arithmetic::log2(1.0 - $chance),
        );
    }

    /** How likely a point is on a circuit, as far as hints go: an even chance where only that one is in question. */
    private function chanceOn(PartAnswer $part, Circuit $circuit, int $point): float
    {
        $may = array_filter(
            $part->nodes->allCircuits,
            fn(Circuit $other): bool => $part->known->isBeyond($part->nodes->circuit($other->id) ?? 0, $point) !== false,
        );
        $all = array_sum(array_map(fn(Circuit $other): float => $this->hints->weight($part->nodes->pointAt($point), $other), $may));

        return count($may) < 2 ? 0.5 : $this->hints->weight($part->nodes->pointAt($point), $circuit) / $all;
    }

    /** How likely a point is beyond the LOAD of a device: half of how likely both are on one circuit. */
    private function chanceBeyond(PartAnswer $part, int $device, int $point): float
    {
        $both = 0.0;
        foreach ($part->nodes->allCircuits as $circuit) {
            $number = $part->nodes->circuit($circuit->id) ?? 0;
            $on = array_map(fn(int $one): float => match ($part->known->isBeyond($number, $one)) {
                true => 1.0,
                false => 0.0,
                null => $this->chanceOn($part, $circuit, $one),
            }, [$device, $point]);
            $both = max($both, $on[0] * $on[1]);
        }

        return $both / 2;
    }

    /**
     * The tester's button is worth it where it settles one question: an outlet with a ground that nothing certain protects, and one device
     * that may.
     *
     * @return iterable<array{Next, float}>
     */
    private function buttons(PartAnswer $part): iterable
    {
        foreach ($part->nodes->allPoints as $number => $point) {
            $bit = 1 << $number;
            if (($this->counting($part) & $bit) === 0) {
                continue;
            }
            $may = [];
            foreach ($part->nodes->loads as $device => $load) {
                $guard = $part->nodes->pointAt($device);
                if ($guard->device->givesGfci() && ! in_array($guard->id, $this->failed, true)) {
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
                $guarded = $guarded
                    || ($circuit->breaker()->givesGfci() && $part->known->isBeyond(
                        $part->nodes->circuit($circuit->id) ?? 0,
                        $number,
                    ) !== false);
            }
            if (count($may) === 1 && ! $guarded && $point->isReceptacle() && $point->ground()->isThere()) {
                yield [Next::button(
                    $point->id,
                    "Only {$part->nodes->pointAt($may[0])->code} may protect {$point->code}: the tester's button there tells.",
                ), self::gain($this->chanceBeyond($part, $may[0], $number))];
            }
        }
    }

    /** @return iterable<array{Next, float}> */
    private function inOpenBoxes(PartAnswer $part): iterable
    {
        foreach ($part->boxes as $point => $box) {
            $open = Bits::count($part->undecidedBeyond($point) & $this->counting($part));
            foreach (array_diff($box->names(), $box->lifted, $box->feed === null ? [] : [$box->feed]) as $pair) {
                if ($open > 0) {
                    $code = $part->nodes->pointAt($point)->code;
                    yield [Next::lift(
                        $part->nodes->pointAt($point)->id,
                        $pair,
                        "The box of $code is open: lifting one pair shows what lies beyond it, " . $this->outlets($open) . ' in question.',
                    ), $open];
                    break;
                }
            }
        }
    }

    /** @return iterable<array{Next, float}> */
    private function oneMoreBox(PartAnswer $part): iterable
    {
        return $this->boxes($part, fn(int $point): bool => $this->opensToMoreThanOneAnswer($part, $point));
    }

    /** @return iterable<array{Next, float}> */
    private function anyBox(PartAnswer $part): iterable
    {
        return $this->boxes($part, fn(): bool => true);
    }

    /**
     * @param \Closure(int): bool $worth
     *
     * @return iterable<array{Next, float}>
     */
    private function boxes(PartAnswer $part, \Closure $worth): iterable
    {
        foreach ($part->nodes->allPoints as $number => $point) {
            $open = ($part->known->undecided($number) | $part->known->undecidedAbove($number)) & $this->counting($part);
            if ($open !== 0 && ! isset($part->boxes[$number]) && $worth($number)) {
                // Twice the number, and one more for the middle: an end never goes before it.
                yield [
                    Next::open(
                        $point->id,
                        "Where {$point->code} stands among {$this->outlets(Bits::count($open))} is not known: its pairs tell, one of "
                            . 'them lifted.',
                    ),
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

    /** Points that count, as bits. */
    private function counting(PartAnswer $part): int
    {
        if ($this->only === null) {
            return $part->nodes->points;
        }
        $bits = 0;
        foreach ($part->nodes->allPoints as $number => $point) {
            $bits |= in_array($point->id, $this->only, true) ? 1 << $number : 0;
        }

        return $bits;
    }

    private function outlets(int $count): string
    {
        return $count === 1 ? 'one outlet' : "$count outlets";
    }
}
