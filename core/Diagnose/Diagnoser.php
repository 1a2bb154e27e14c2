<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/**
 * From a call and what was done since to causes and the next test. Each cause is followed through everything that was done, and weighed by how likely it makes
 * what was read; the next test is the one that is expected to tell most a minute.
 */
final class Diagnoser
{
    /** From here on one cause, with what no reading could tell from it, is the answer. */
    private const SETTLED = 0.95;

    /** Causes the next test is chosen for; those below are too unlikely to matter. */
    private const CONSIDERED = 14;

    private const LEAST = 0.002;

    /** A cause so far behind the best, as a logarithm, is given up. */
    private const BEHIND = 16.0;

    /** How well the call, and each test, fits what nobody thought of. */
    private const UNKNOWN_FITS = 0.2;
    private const UNKNOWN_TEST = 0.15;

    /** Gain a minute below which nothing is worth doing. */
    private const WORTH = 0.001;

    private readonly Foresight $foresight;

    /** @param list<Test> $tests */
    public function __construct(
        House $house,
        private readonly Symptom $symptom,
        private readonly array $tests,
        /** @var list<string> */
        private readonly array $cannot = [],
    ) {
        $scope = self::scope($house, $symptom, $tests);
        $this->foresight = new Foresight($scope, new FeedMap($scope));
    }

    public function diagnose(): Diagnosis
    {
        $causes = $this->causes();
        $considered = array_values(array_filter(array_slice($causes, 0, self::CONSIDERED), fn(Cause $cause): bool => $cause->probability > self::LEAST));
        $proposals = $causes === [] ? [] : Proposals::of($this->foresight, $this->symptom, $causes[0]->replay->condition, $this->cannot, $this->tests);
        $seen = $this->foresee($considered, $proposals);
        $this->group($considered, $seen);
        $top = $causes[0] ?? null;
        $sure = $top === null ? 0.0 : array_sum(array_map(fn(Cause $other): float => $other === $top || in_array($other->hypothesis->id, $top->sameAs, true) || $this->repair($other) === $this->repair($top) ? $other->probability : 0.0, $causes));
        $settled = $top !== null && $sure >= self::SETTLED && $top->hypothesis->explains !== Explains::Unknown;

        return new Diagnosis($causes, $settled ? null : $this->best($considered, $proposals, $seen), $settled);
    }

    private function repair(Cause $cause): string
    {
        return Repair::of($cause->hypothesis, $this->foresight->house);
    }

    /**
     * Each cause at each severity, test by test; what has fallen far behind is not followed further.
     *
     * @return list<Cause> likeliest first
     */
    private function causes(): array
    {
        $followed = [];
        foreach (Hypotheses::of($this->foresight->house, $this->foresight->feeds, $this->symptom) as $hypothesis) {
            foreach (array_keys($hypothesis->variants) as $variant) {
                $replay = Replay::of($this->foresight, $hypothesis, $variant);
                $fit = $hypothesis->explains === Explains::Unknown ? self::UNKNOWN_FITS : $replay->fits($this->symptom);
                $followed[] = new Followed($hypothesis, $replay, log($hypothesis->prior * $fit / count($hypothesis->variants)));
            }
        }
        foreach ($this->tests as $test) {
            $followed = self::within($followed);
            foreach ($followed as $one) {
                $one->log += $one->hypothesis->explains === Explains::Unknown ? log(self::UNKNOWN_TEST) : $one->replay->take($test);
            }
        }
        $causes = $this->weighed(self::within($followed));
        $this->explain($causes);

        return $causes;
    }

    /**
     * @param list<Followed> $followed
     *
     * @return list<Followed>
     */
    private static function within(array $followed): array
    {
        $most = max([-INF, ...array_map(fn(Followed $one): float => $one->log, $followed)]);

        return array_values(array_filter($followed, fn(Followed $one): bool => $one->log > $most - self::BEHIND || $one->hypothesis->explains === Explains::Unknown));
    }

    /**
     * @param list<Followed> $followed
     *
     * @return list<Cause> likeliest first, each at the severity that fits best
     */
    private function weighed(array $followed): array
    {
        $most = max([-INF, ...array_map(fn(Followed $one): float => $one->log, $followed)]);
        $total = array_sum(array_map(fn(Followed $one): float => exp($one->log - $most), $followed));
        $causes = [];
        usort($followed, fn(Followed $one, Followed $other): int => $other->log <=> $one->log);
        foreach ($followed as $one) {
            $cause = $causes[$one->hypothesis->id] ??= new Cause($one->hypothesis, $one->replay);
            $cause->probability += exp($one->log - $most) / $total;
        }
        usort($causes, fn(Cause $one, Cause $other): int => $other->probability <=> $one->probability);

        return $causes;
    }

    /**
     * A test speaks for a cause that makes its reading likelier than the others do, and against one that makes it less likely.
     *
     * @param list<Cause> $causes
     */
    private function explain(array $causes): void
    {
        $spoken = new Spoken($this->foresight->house);
        foreach ($this->tests as $number => $test) {
            $read = array_values(array_filter($causes, fn(Cause $cause): bool => isset($cause->replay->each[$number])));
            $mean = array_sum(array_map(fn(Cause $cause): float => $cause->hypothesis->prior * exp($cause->replay->each[$number]), $read)) / max(1e-12, array_sum(array_map(fn(Cause $cause): float => $cause->hypothesis->prior, $read)));
            foreach (array_slice($read, 0, self::CONSIDERED) as $cause) {
                $ratio = exp($cause->replay->each[$number]) / $mean;
                if ($ratio > 1.2) {
                    $cause->for[] = $spoken->test($test);
                } elseif ($ratio < 0.5) {
                    $cause->against[] = $spoken->test($test);
                }
            }
        }
    }

    /**
     * @param list<Cause> $causes
     * @param list<Proposal> $proposals
     *
     * @return list<list<array<string, float>>> what each proposal may show under each cause
     */
    private function foresee(array $causes, array $proposals): array
    {
        $seen = [];
        foreach ($proposals as $proposal) {
            $each = [];
            foreach ($causes as $cause) {
                $replay = clone $cause->replay;
                foreach (array_slice($proposal->actions, 0, -1) as $action) {
                    $replay->prepare($action);
                }
                $each[] = $replay->outcomes($proposal->actions[count($proposal->actions) - 1]);
            }
            $seen[] = $each;
        }

        return $seen;
    }

    /**
     * Causes that every proposal would show the same of are one.
     *
     * @param list<Cause> $causes
     * @param list<list<array<string, float>>> $seen
     */
    private function group(array $causes, array $seen): void
    {
        foreach ($causes as $a => $one) {
            foreach ($causes as $b => $other) {
                $tell = $a === $b ? 1.0 : max([0.0, ...array_map(fn(array $each): float => self::apart($each[$a], $each[$b]), $seen)]);
                if ($tell < 0.15) {
                    $one->sameAs[] = $other->hypothesis->id;
                }
            }
        }
    }

    /**
     * @param list<Cause> $causes
     * @param list<Proposal> $proposals
     * @param list<list<array<string, float>>> $seen
     */
    private function best(array $causes, array $proposals, array $seen): ?Proposal
    {
        $total = array_sum(array_map(fn(Cause $cause): float => $cause->probability, $causes));
        $best = null;
        foreach ($proposals as $number => $proposal) {
            $joint = [];
            foreach ($causes as $at => $cause) {
                foreach ($seen[$number][$at] as $outcome => $chance) {
                    $joint[$outcome][$at] = $chance * $cause->probability / $total;
                }
            }
            $gain = self::entropy(array_map(fn(Cause $cause): float => $cause->probability / $total, $causes));
            foreach ($joint as $outcome => $weights) {
                $sum = array_sum($weights);
                if ($sum > 0.0) {
                    $gain -= $sum * self::entropy(array_map(fn(float $weight): float => $weight / $sum, $weights));
                    arsort($weights);
                    $proposal->outcomes[$outcome] = [$sum, $causes[array_key_first($weights)]->hypothesis->id];
                }
            }
            $proposal->gainBits = max(0.0, $gain);
            if ($proposal->gainBits / $proposal->minutes > self::WORTH && ($best === null || $proposal->gainBits / $proposal->minutes > $best->gainBits / $best->minutes)) {
                $best = $proposal;
            }
        }

        return $best;
    }

    /**
     * @param array<string, float> $one
     * @param array<string, float> $other
     */
    private static function apart(array $one, array $other): float
    {
        $sum = 0.0;
        foreach (array_keys($one + $other) as $outcome) {
            $sum += abs(($one[$outcome] ?? 0.0) - ($other[$outcome] ?? 0.0));
        }

        return $sum / 2.0;
    }

    /** @param array<float> $chances */
    private static function entropy(array $chances): float
    {
        return array_sum(array_map(fn(float $chance): float => $chance > 0.0 ? -$chance * log($chance, 2) : 0.0, $chances));
    }

    /**
     * The circuits the symptom can come from: its own, what the tests name, and one more to try things on.
     *
     * @param list<Test> $tests
     */
    private static function scope(House $house, Symptom $symptom, array $tests): House
    {
        $feeds = new FeedMap($house);
        $of = fn(?string $id): ?string => $id === null ? null : ($house->hasPoint($id) ? $feeds->feed($house->point($id))->circuit?->id : $id);
        $own = $of($symptom->at);
        if ($own === null) {
            return $house;
        }
        $keep = [$own => true];
        foreach ($tests as $test) {
            foreach ([$test->action->at->point, $test->action->at->circuit, $test->action->to] as $id) {
                $keep[$of($id) ?? $own] = true;
            }
        }
        foreach ($house->circuits as $circuit) {
            $shares = $circuit->multiwireWith !== null && isset($keep[$circuit->multiwireWith]);
            if ($shares || (count($keep) < 2 && $feeds->pointsOn($circuit) !== [] && $circuit->id !== $own)) {
                $keep[$circuit->id] = true;
            }
        }
        $points = array_values(array_filter($house->points, fn(Point $point): bool => isset($keep[$feeds->feed($point)->circuit->id ?? ''])));
        $ids = array_flip(array_map(fn(Point $point): string => $point->id, $points));

        return $house->with(
            points: array_map(fn(Point $point): Point => $point->yokeWith !== null && ! isset($ids[$point->yokeWith]) ? $point->with(yokeWith: null) : $point, $points),
            cables: array_values(array_filter($house->cables, fn(Cable $cable): bool => isset($ids[$cable->to->point]))),
            appliances: array_values(array_filter($house->appliances, fn(Appliance $appliance): bool => $appliance->at === null || isset($ids[$appliance->at]))),
        );
    }
}
