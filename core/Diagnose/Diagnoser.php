<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Diagnose\Words\PriorWords;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Rank;

/**
 * From a call and what was done since to causes and the next test. Each cause is followed through everything that was done, and weighed by
 * how likely it makes what was read; the next test is the one that is expected to tell most a minute.
 */
final class Diagnoser
{
    /** A cause so far behind the best, as a logarithm, is given up. */
    private const BEHIND = 8.0;

    /** How well the call fits what nobody thought of. */
    private const UNKNOWN_FITS = 0.1;

    /** How much less likely than anything at all the readings of a cause may be, as a logarithm, before it fits no more. */
    private const ODD = -4.4;

    /** What each look and each tester add to that even when the cause is right: now and then an old stain is seen, a lamp misread. */
    private const ODD_LOOK = -0.2;

    /** How many causes are tried two at a time when none fits alone, and with how many others each. */
    private const PAIRED = 6;
    private const PARTNERS = 10;

    /** A reading less likely than this, as a logarithm, is one the cause does not fit. */
    private const MISFIT = -3.0;

    /** Times as likely as under the causes together, from which on a reading speaks for one of them, and below which against it. */
    private const FOR = 1.2;
    private const AGAINST = 0.5;

    /** From this chance on what comes and goes is worth having drawn once more. */
    private const MAY = 0.3;

    private readonly Reachable $scope;

    private readonly Foresight $foresight;

    private readonly SymptomFit $fit;

    private readonly Priors $priors;

    private readonly TestsDone $done;

    /** @var array<float> how well the call fits what is recorded to be wrong, by id of the hypothesis */
    private readonly array $recorded;

    /** @param list<Test> $tests */
    public function __construct(
        House $house,
        private readonly Symptom $symptom,
        private readonly array $tests,
        /** @var list<string> */
        private readonly array $cannot = [],
        ?Priors $priors = null,
    ) {
        $this->priors = $priors ?? Priors::standard();
        $this->scope = Reachable::of($house, $symptom, $tests);
        $this->foresight = new Foresight($this->scope->house, new FeedMap($this->scope->house));
        $this->done = new TestsDone($this->foresight, $tests);
        $this->fit = new SymptomFit($this->foresight, $symptom);
        $this->recorded = $this->fit->asItStands > SymptomFit::HARDLY ? RecordedWrong::leadsTo($this->scope->house, $symptom) : [];
    }

    public function diagnose(): Diagnosis
    {
        $hypotheses = Hypotheses::of($this->foresight, $this->symptom, $this->priors, $this->scope->aside);
        // What would not do what the call tells is followed only when nothing else fits what was read: somebody tells wrong, too.
        $begun = $this->begun($hypotheses, true);
        $followed = $this->follow($begun);
        if ($this->isLost($followed) || $this->mayBeUnknown($followed)) {
            $rest = $this->begun($hypotheses, false);
            $begun = [...$begun, ...$rest];
            $followed = [...$followed, ...$this->follow($rest)];
        }
        $misfits = [];
        if ($this->isLost($followed)) {
            $begun = $this->begun($hypotheses);
            $all = $this->follow($begun, INF);
            $pairs = $this->begun($this->pairs($all));
            $begun = [...$begun, ...$pairs];
            $followed = [...$all, ...$this->follow($pairs)];
            $misfits = $this->isLost($followed) ? $this->misfits($all) : [];
        }
        $causes = $this->weighed($followed);
        $this->explain($causes);
        $pricing = Pricing::of(
            $this->foresight,
            $this->symptom,
            $causes[0]->beliefs[0][0]->world()->condition,
            $this->cannot,
            $this->tests,
            array_sum(array_map(fn(Cause $one): float => $one->hypothesis->comesAndGoes ? $one->probability : 0.0, $causes)) > self::MAY,
        );
        $next = new NextTest($causes, $pricing->proposals(), $this->foresight->house);
        $before = array_sum(array_map(fn(Followed $one): float => Arithmetic::exp($one->before), $begun));
        $settling = new Settling($pricing, $this->symptom, $this->done, $causes, $before);
        $isTold = $misfits === [] && $settling->isTold();
        // What is missing goes before what tells most; where it cannot be done, what tells most is all there is.
        $missing = $isTold ? [] : $settling->missing();
        $left = match (true) {
            $isTold => [],
            $missing !== [] => $missing,
            default => $next->worthDoing(),
        };
        $settled = $isTold || (
            $left === [] && ($settling->isLikely() || ($misfits === [] && $settling->isMendedByOneRepair()))
        );
        [$covering, $covers] = $settling->covering();

        return new Diagnosis(
            $causes,
            $left,
            $settled ? [] : $next->plan(),
            $settled,
            $settling->sure,
            $misfits,
            $covering,
            $covers,
            Circumstances::of($hypotheses, $causes[0]->hypothesis),
            $this->relief($causes[0], $pricing->now->protective()[0] ?? null),
        );
    }

    /** @param string|null $device that trips */
    private function relief(Cause $likeliest, ?string $device): ?Relief
    {
        return $device !== null && $likeliest->hypothesis->isOfLeakage()
            ? Relief::of($this->foresight, $device, $likeliest->beliefs[0][0]->world()->leakages)
            : null;
    }

    /**
     * @param list<Hypothesis> $hypotheses
     * @param bool|null $fitting only those that would do what the call tells, or only those that would not
     *
     * @return list<Followed> each at each severity, weighed by how often it is met and how well it fits the call
     */
    private function begun(array $hypotheses, ?bool $fitting = null): array
    {
        $followed = [];
        foreach ($hypotheses as $hypothesis) {
            if ($fitting === true && ! isset($this->recorded[$hypothesis->id]) && ! $this->fit->may($hypothesis)) {
                continue;
            }
            foreach (array_keys($hypothesis->variants) as $variant) {
                $belief = Belief::of($this->foresight, $hypothesis, $variant, $this->fit->opened($hypothesis));
                $isRecorded = isset($this->recorded[$hypothesis->id]);
                $fit = $hypothesis->explains === Explains::Unknown
                    ? self::UNKNOWN_FITS
                    : $this->recorded[$hypothesis->id] ?? $this->fit->of($hypothesis, $belief);
                if ($fitting === null || $fitting === $fit > SymptomFit::HARDLY) {
                    $this->fit->toldTo($hypothesis, $belief);
                    $weight = ($isRecorded ? $this->priors->ofRecorded() : $hypothesis->prior) * $fit / count($hypothesis->variants);
                    $followed[] = new Followed($hypothesis, $belief, $variant, Arithmetic::log($weight));
                }
            }
        }

        return $followed;
    }

    /**
     * Test by test; what has fallen far behind is not followed further.
     *
     * @param list<Followed> $followed
     *
     * @return list<Followed>
     */
    private function follow(array $followed, float $behind = self::BEHIND): array
    {
        foreach ($this->tests as $number => $test) {
            $isRepeat = $this->done->isRepeat($number);
            $followed = self::within($followed, $behind);
            foreach ($followed as $one) {
                $one->log += match (true) {
                    $one->hypothesis->explains !== Explains::Unknown => $one->belief->take($test, $isRepeat),
                    $isRepeat => 0.0,
                    default => Arithmetic::log($test->action->likelihoodOfAnything($test->reading)),
                };
            }
        }

        return self::within($followed, $behind);
    }

    /**
     * @param list<Followed> $followed
     *
     * @return list<Followed>
     */
    private static function within(array $followed, float $behind): array
    {
        $most = max([-INF, ...array_map(fn(Followed $one): float => $one->log, $followed)]);

        return array_values(
            array_filter(
                $followed,
                fn(Followed $one): bool => $one->log >= $most - $behind || $one->hypothesis->explains === Explains::Unknown,
            ),
        );
    }

    /**
     * Whether nothing fits: what nobody thought of fits better than anything, or what fits best still has readings it hardly allows.
     *
     * @param list<Followed> $followed
     */
    private function isLost(array $followed): bool
    {
        $best = $unknown = null;
        foreach ($followed as $one) {
            if ($one->hypothesis->explains === Explains::Unknown) {
                $unknown = $one;
            } elseif ($best === null || $one->log > $best->log) {
                $best = $one;
            }
        }
        if ($this->tests === [] || $best === null) {
            return $this->tests !== [];
        }
        $odd = 0.0;
        foreach ($best->belief->each as $number => $log) {
            $odd += min(0.0, $log - Arithmetic::log($this->tests[$number]->action->likelihoodOfAnything($this->tests[$number]->reading)));
        }

        $looks = count(array_filter($this->tests, fn(Test $test): bool => $test->action->mayMislead()));

        return $odd < self::ODD + $looks * self::ODD_LOOK || ($unknown !== null && $unknown->log > $best->log);
    }

    /**
     * Whether what nobody thought of is likely enough to keep it from being settled.
     *
     * @param list<Followed> $followed
     */
    private function mayBeUnknown(array $followed): bool
    {
        $most = max([-INF, ...array_map(fn(Followed $one): float => $one->log, $followed)]);
        $all = $unknown = 0.0;
        foreach ($followed as $one) {
            $all += Arithmetic::exp($one->log - $most);
            $unknown += $one->hypothesis->explains === Explains::Unknown ? Arithmetic::exp($one->log - $most) : 0.0;
        }

        return $unknown > (1.0 - Settling::SURE) * $all;
    }

    /**
     * Each cause that fits best, with those that fit best where it does not.
     *
     * @param list<Followed> $followed
     *
     * @return list<Hypothesis>
     */
    private function pairs(array $followed): array
    {
        $faults = [];
        usort($followed, Followed::inOrder(...));
        foreach ($followed as $one) {
            if ($one->hypothesis->explains === Explains::Fault && ! $one->hypothesis->comesAndGoes) {
                $faults[$one->hypothesis->id] ??= $one;
            }
        }
        $pairs = [];
        foreach (array_slice($faults, 0, self::PAIRED) as $one) {
            $bad = array_flip(self::misfitsOf($one));
            $fits = fn(Followed $other): float => array_sum(array_intersect_key($other->belief->each, $bad));
            $others = array_filter($faults, fn(Followed $other): bool => $other !== $one);
            uasort(
                $others,
                fn(Followed $first, Followed $second): int => Rank::higher(
                    $fits($first),
                    $fits($second),
                    $first->hypothesis->order(),
                    $second->hypothesis->order(),
                ),
            );
            foreach (array_slice($others, 0, self::PARTNERS) as $other) {
                [$first, $second] = $one->hypothesis->id < $other->hypothesis->id ? [$one, $other] : [$other, $one];
                $pairs["{$first->hypothesis->id} {$second->hypothesis->id}"] = Hypotheses::pair(
                    $first->hypothesis,
                    $second->hypothesis,
                    $first->variant,
                    $second->variant,
                    $this->priors,
                );
            }
        }

        return array_values($pairs);
    }

    /** @return list<int> numbers of the tests a cause does not fit */
    private static function misfitsOf(Followed $one): array
    {
        return array_keys(array_filter($one->belief->each, fn(float $log): bool => $log < self::MISFIT));
    }

    /**
     * The fewest tests, two at most, of which every cause fits one or none badly.
     *
     * @param list<Followed> $followed
     *
     * @return list<int> numbers of the tests
     */
    private function misfits(array $followed): array
    {
        $bad = [];
        foreach ($followed as $one) {
            if ($one->hypothesis->explains !== Explains::Unknown) {
                $bad[] = self::misfitsOf($one);
            }
        }
        $numbers = array_keys($this->tests);
        foreach ($numbers as $one) {
            foreach ($numbers as $other) {
                if (
                    $other >= $one
                    && array_filter(
                        $bad,
                        fn(array $misfits): bool => ! in_array($one, $misfits, true) && ! in_array($other, $misfits, true),
                    ) === []
                ) {
                    return $one === $other ? [$one] : [$one, $other];
                }
            }
        }

        return [];
    }

    /**
     * @param list<Followed> $followed
     *
     * @return non-empty-list<Cause> likeliest first
     */
    private function weighed(array $followed): array
    {
        $most = max([-INF, ...array_map(fn(Followed $one): float => $one->log, $followed)]);
        $total = array_sum(array_map(fn(Followed $one): float => Arithmetic::exp($one->log - $most), $followed));
        $causes = [];
        usort($followed, Followed::inOrder(...));
        foreach ($followed as $one) {
            $cause = $causes[$one->hypothesis->id] ??= new Cause($one->hypothesis);
            $share = Arithmetic::exp($one->log - $most) / $total;
            $cause->probability += $share;
            $cause->before += Arithmetic::exp($one->before);
            $cause->beliefs[] = [$one->belief, $share];
        }
        usort(
            $causes,
            fn(Cause $one, Cause $other): int => Rank::higher(
                $one->probability,
                $other->probability,
                $one->hypothesis->order(),
                $other->hypothesis->order(),
            ),
        );

        return $causes === [] ? throw new \LogicException('what nobody thought of is always among the causes') : $causes;
    }

    /**
     * What is recorded or was told speaks as the table of priors has it. A test speaks for a cause that makes its reading likelier than the
     * others do, and against one that makes it less likely.
     *
     * @param list<Cause> $causes
     */
    private function explain(array $causes): void
    {
        $places = new Places($this->foresight->house);
        foreach ($causes as $cause) {
            [$cause->for, $cause->against] = PriorWords::speaking($cause->hypothesis->factors);
            if (isset($this->recorded[$cause->hypothesis->id])) {
                $cause->for[] = 'It is recorded so, and that alone does what was told';
            }
        }
        foreach ($this->tests as $number => $test) {
            $read = array_values(array_filter($causes, fn(Cause $cause): bool => isset($cause->beliefs[0][0]->each[$number])));
            $mean = array_sum(
                array_map(
                    fn(Cause $cause): float => $cause->hypothesis->prior * Arithmetic::exp($cause->beliefs[0][0]->each[$number]),
                    $read,
                ),
            ) / max(1e-12, array_sum(array_map(fn(Cause $cause): float => $cause->hypothesis->prior, $read)));
            foreach (array_slice($read, 0, 20) as $cause) {
                $ratio = Arithmetic::exp($cause->beliefs[0][0]->each[$number]) / max(1e-12, $mean);
                if ($ratio > self::FOR) {
                    $cause->for[] = $test->spoken($places);
                    $cause->speaks[$number] = true;
                } elseif ($ratio < self::AGAINST) {
                    $cause->against[] = $test->spoken($places);
                    $cause->speaks[$number] = false;
                }
            }
        }
    }
}
