<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Chances;
use Bouclier\Core\Actions\Outcome;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Rank;

/** Which of the things that can be done tells most of the cause a minute; and which causes none of them could tell apart. */
final class NextTest
{
    /** Causes a test is chosen for; those below are too unlikely to matter. */
    private const CONSIDERED = 16;
    private const LEAST = 0.002;

    /** Severities of one cause that are looked at, of the first few. */
    private const SEVERITIES = 2;

    /** So many causes are looked at for every test, and so many tests for every cause. */
    private const FIRST_CAUSES = 6;
    private const EVERY = 5;
    private const TESTS = 20;

    /** Part of what is shown by which two causes must differ for one of the tests to tell them apart. */
    private const TOLD_APART = 0.1;

    /** Gain a minute below which what was only glanced at is looked at too. */
    private const POOR = 0.02;

    /** Gain a minute below which nothing is worth doing once what is left needs the same repair. */
    private const WORTH = 0.004;

    /** Bits below which a test is not proposed at all: switching the same thing once more. */
    private const LEAST_BITS = 0.05;

    /** Steps of a plan. */
    private const STEPS = 4;

    /** @var list<Cause> */
    private readonly array $causes;

    /** @var list<float> */
    private readonly array $weights;

    /** @var array<list<Chances>> what each proposal may show under each cause, by its number */
    private array $seen = [];

    /** @var array<bool> those of which another way is cheaper as a whole, by number */
    private readonly array $dearer;

    /**
     * @param list<Cause> $causes likeliest first
     * @param list<Proposal> $proposals
     */
    public function __construct(array $causes, private readonly array $proposals, private readonly House $house)
    {
        $this->causes = array_values(
            array_filter(
                array_slice($causes, 0, self::CONSIDERED),
                fn(Cause $cause): bool => $cause->probability > self::LEAST && $cause->hypothesis->explains !== Explains::Unknown,
            ),
        );
        $this->weights = Information::shares(array_map(fn(Cause $cause): float => $cause->probability, $this->causes));
        $first = $this->firstGlance();
        array_map($this->look(...), array_slice(array_keys($first), 0, self::TESTS));
        $this->dearer = array_fill_keys($this->dearer(), true);
        $others = array_values(array_filter(array_keys($first), fn(int $number): bool => ! isset($this->seen[$number])));
        $best = $this->ranked(self::WORTH)[0] ?? null;
        if ($best === null || $best->bitsAMinute() < self::POOR) {
            array_map($this->look(...), $others);
            $others = [];
        }
        $this->group($others);
    }

    /**
     * What each test may tell of a few of the causes: some of the likeliest, and some of the others.
     *
     * @return array<int, float> gain a minute, by number of the test, highest first
     */
    private function firstGlance(): array
    {
        [$some, $weights] = $this->some();
        $gains = [];
        foreach ($this->proposals as $number => $proposal) {
            $gains[$number] = Information::gain(
                $weights,
                array_map(fn(int $at): Chances => self::foreseen($this->causes[$at], $proposal, 1), $some),
                array_map(fn(int $at): string => $this->causes[$at]->hypothesis->what(), $some),
            ) / $proposal->price;
        }
        uksort(
            $gains,
            fn(int $one, int $other): int => Proposal::inOrder(
                $this->proposals[$one],
                $this->proposals[$other],
                $gains[$one],
                $gains[$other],
            ),
        );

        return $gains;
    }

    /**
     * The likeliest causes, and of those behind them one of so many, which stands for them all.
     *
     * @return array{list<int>, list<float>} their numbers, and their weights, which add up to one
     */
    private function some(): array
    {
        $whole = count($this->causes) > self::FIRST_CAUSES ? intdiv(self::FIRST_CAUSES, 2) : count($this->causes);
        $standsFor = [];
        $for = 0;
        foreach ($this->weights as $at => $weight) {
            $for = $at < $whole || ($at - $whole) % self::EVERY === 0 ? $at : $for;
            $standsFor[$for] = ($standsFor[$for] ?? 0.0) + $weight;
        }

        return [array_keys($standsFor), array_values($standsFor)];
    }

    /** @return list<int> numbers of the tests that unplug one thing, where all of them are dearer than unplugging all at once */
    private function dearer(): array
    {
        [$all, $each] = OneByOne::among($this->proposals);
        if ($all === null || $each === []) {
            return [];
        }
        array_map($this->look(...), array_filter([$all, ...$each], fn(int $number): bool => ! isset($this->seen[$number])));

        return OneByOne::isDearer($all, $this->holds($all), array_combine($each, array_map($this->holds(...), $each)), $this->proposals)
            ? $each
            : [];
    }

    /** How likely a device stays in after a proposal. */
    private function holds(int $number): float
    {
        $holds = Outcome::holds()->key;

        return array_sum(
            array_map(
                fn(Chances $seen, float $weight): float => $weight * ($seen->of[$holds] ?? 0.0),
                $this->seen[$number],
                $this->weights,
            ),
        );
    }

    /** @return list<Proposal> what is worth its minutes; else what tells anything, best first */
    public function worthDoing(): array
    {
        $worth = $this->ranked(self::WORTH);

        return $worth === [] ? $this->ranked(0.0) : $this->lookedIntoFirst($worth);
    }

    /**
     * @param non-empty-list<Proposal> $worth best first
     *
     * @return non-empty-list<Proposal> a box the first of them opens is looked into before, where that tells more a minute once it is open
     */
    private function lookedIntoFirst(array $worth): array
    {
        $opened = $worth[0]->opens($this->house);
        foreach ($this->proposals as $number => $look) {
            if ($look === $worth[0] || ! in_array($look->looksInto(), $opened, true)) {
                continue;
            }
            if (! isset($this->seen[$number])) {
                $this->look($number);
            }
            $ratio = $look->gainBits / ($look->price - $look->entering);
            if ($look->gainBits >= self::LEAST_BITS && $ratio > $worth[0]->bitsAMinute()) {
                return [$look, ...array_values(array_filter($worth, fn(Proposal $one): bool => $one !== $look))];
            }
        }

        return $worth;
    }

    /** @return list<Proposal> */
    private function ranked(float $gain): array
    {
        $worth = array_values(
            array_filter(
                array_diff_key($this->proposals, $this->dearer),
                fn(Proposal $proposal): bool => $proposal->gainBits >= self::LEAST_BITS && $proposal->bitsAMinute() > $gain,
            ),
        );
        usort(
            $worth,
            fn(Proposal $one, Proposal $other): int => Proposal::inOrder($one, $other, $one->bitsAMinute(), $other->bitsAMinute()),
        );

        return $worth;
    }

    /** @return list<Proposal> what will be done if each test shows what is likeliest, the first one now */
    public function plan(): array
    {
        $weights = $this->weights;
        $steps = [];
        for ($step = 0; $step < self::STEPS && $this->causes !== []; ++$step) {
            $best = null;
            foreach (array_diff_key($this->seen, $this->dearer) as $number => $seen) {
                $gain = in_array($this->proposals[$number], $steps, true)
                    ? 0.0
                    : Information::gain($weights, $seen, $this->what()) / $this->proposals[$number]->price;
                if (
                    $gain > self::WORTH
                    && ($best === null || Proposal::inOrder($this->proposals[$number], $this->proposals[$best[0]], $gain, $best[1]) < 0)
                ) {
                    $best = [$number, $gain];
                }
            }
            if ($best === null || max([0.0, ...$weights]) > 0.9) {
                break;
            }
            $steps[] = $this->proposals[$best[0]];
            $likeliest = Information::joint($weights, $this->seen[$best[0]]);
            $sums = Information::highest(array_map(array_sum(...), $likeliest));
            $then = $sums === [] ? [] : $likeliest[array_key_first($sums)];
            $weights = Information::shares(array_map(fn(int $at): float => $then[$at] ?? 0.0, array_keys($weights)));
        }

        return $steps;
    }

    private static function foreseen(Cause $cause, Proposal $proposal, int $severities): Chances
    {
        $shown = new Chances();
        $likely = array_slice($cause->beliefs, 0, $severities);
        $sum = array_sum(array_column($likely, 1));
        foreach ($likely as [$belief, $share]) {
            $then = $belief;
            if (count($proposal->actions) > 1) {
                $then = clone $belief;
                foreach (array_slice($proposal->actions, 0, -1) as $action) {
                    $then->prepare($action);
                }
            }
            $open = $proposal->last()->countsEarlier() ? $belief->world()->open() : null;
            $shown->addAll($then->outcomes($proposal->last(), $open), $share / $sum);
        }

        return $shown;
    }

    /**
     * Causes that every test would show the same of as of the likeliest are one with it.
     *
     * @param list<int> $others numbers of the tests that were only glanced at
     */
    private function group(array $others): void
    {
        if ($this->causes === []) {
            return;
        }
        $top = $this->causes[0];
        $same = [$top->hypothesis->what() => true];
        $shownOfTop = [];
        foreach (array_slice($this->causes, 1, null, true) as $at => $other) {
            // What is mended elsewhere can always be told apart, if not by what can be done just now.
            if (
                isset($same[$other->hypothesis->what()])
                || $top->hypothesis->mendedAt($this->house) !== $other->hypothesis->mendedAt($this->house)
            ) {
                continue;
            }
            foreach ($this->seen as $each) {
                if (Information::apart($each[0], $each[$at]) >= self::TOLD_APART) {
                    continue 2;
                }
            }
            foreach ($others as $number) {
                $shownOfTop[$number] ??= self::foreseen($top, $this->proposals[$number], 1);
                if (Information::apart($shownOfTop[$number], self::foreseen($other, $this->proposals[$number], 1)) >= self::TOLD_APART) {
                    continue 2;
                }
            }
            $same[$other->hypothesis->what()] = true;
        }
        // Always there or now and then, it is one thing.
        foreach (array_slice($this->causes, 1) as $other) {
            if (isset($same[$other->hypothesis->what()])) {
                $top->isSameAs($other);
            }
        }
    }

    /** @return list<string> */
    private function what(): array
    {
        return array_map(fn(Cause $cause): string => $cause->hypothesis->what(), $this->causes);
    }

    private function look(int $number): void
    {
        $this->seen[$number] = array_map(
            fn(Cause $cause, int $at): Chances => self::foreseen(
                $cause,
                $this->proposals[$number],
                $at < self::FIRST_CAUSES ? self::SEVERITIES : 1,
            ),
            $this->causes,
            array_keys($this->causes),
        );
        $this->weigh($this->proposals[$number], $this->seen[$number]);
    }

    /** @param list<Chances> $seen */
    private function weigh(Proposal $proposal, array $seen): void
    {
        $proposal->gainBits = Information::gain($this->weights, $seen, $this->what());
        $proposal->splits = $this->splits($seen);
        // What is anything else has no lamps and no figure to be said.
        $joint = array_filter(
            Information::joint($this->weights, $seen),
            fn(array $weights, int|string $shown): bool => array_sum($weights) > 0.0
                && ! self::outcome((string) $shown, $seen)->isAnythingElse(),
            ARRAY_FILTER_USE_BOTH,
        );
        $total = array_sum(array_map(array_sum(...), $joint));
        foreach ($joint as $shown => $weights) {
            $sum = array_sum($weights);
            $first = $together = [];
            foreach ($weights as $at => $weight) {
                $what = $this->causes[$at]->hypothesis->what();
                $together[$what] = ($together[$what] ?? 0.0) + $weight;
                $first[$what] = isset($first[$what]) && $weights[$first[$what]] >= $weight ? $first[$what] : $at;
            }
            $together = Information::highest($together);
            $what = array_keys($together)[0];
            $proposal->outcomes[] = new ProposedOutcome(
                self::outcome((string) $shown, $seen),
                $sum / $total,
                $this->causes[$first[$what]]->hypothesis->id,
                $together[$what] / $sum,
            );
        }
        usort(
            $proposal->outcomes,
            fn(ProposedOutcome $one, ProposedOutcome $other): int => Rank::higher(
                $one->chance,
                $other->chance,
                $one->shown->key,
                $other->shown->key,
            ),
        );
    }

    /**
     * By what each of the causes would most likely show.
     *
     * @param list<Chances> $seen
     */
    private function splits(array $seen): Splits
    {
        $shown = array_map(fn(Chances $one): ?string => $one->likeliest()?->key, $seen);
        $what = $this->what();
        $others = array_filter(array_keys($this->causes), fn(int $at): bool => $what[$at] !== $what[0]);
        $second = $others === [] ? null : $shown[$others[array_key_first($others)]];
        $apart = array_filter($others, fn(int $at): bool => $shown[$at] !== $shown[0]);

        return match (true) {
            $second !== null && $second !== $shown[0] => Splits::TheTwoLikeliest,
            $apart !== [] => Splits::TheLikeliest,
            default => Splits::TheOthers,
        };
    }

    /** @param list<Chances> $seen */
    private static function outcome(string $key, array $seen): Outcome
    {
        foreach ($seen as $shown) {
            if (isset($shown->outcomes[$key])) {
                return $shown->outcomes[$key];
            }
        }
        throw new \LogicException("nothing shows \"$key\"");
    }
}
