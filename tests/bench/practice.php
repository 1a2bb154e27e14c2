<?php

declare(strict_types=1);

/**
 * php tests/bench/practice.php solved|strategies|chance EACH FROM [kind…]: practice cases drawn by kind, EACH of every kind from seed FROM
 * on, in houses of 3 to 8 outlets.
 *   solved      how many the road of the best next tests settles, and rightly
 *   strategies  by kind, its mean minutes beside those of each fixed strategy, which is given up after three times as many and counted so
 *   chance      how the score of difficulty and the median minutes of a learner of chance rank the same cases: all, those in houses of one
 *               size, and those of one kind; and beside it how half of that learner's tries and the other half rank them
 */

use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\Practice\CaseKind;
use Bouclier\Core\Practice\Cases;
use Bouclier\Core\Practice\Difficulty;
use Bouclier\Core\Practice\Road;
use Bouclier\Core\Practice\Visit;
use Tests\Core\Practice\Strategy;

require __DIR__ . '/../../vendor/autoload.php';

[, $what, $each, $from] = [...$argv, 'solved', '2', '1'];
$kinds = array_slice($argv, 4) === [] ? CaseKind::cases() : array_map(CaseKind::from(...), array_slice($argv, 4));
const OUTLETS = [4, 6, 3, 8, 5, 7];
const TRIES = 6;
/** Times the minutes of the best road after which a fixed strategy is given up. */
const MOST = 3.0;

/** @param list<float> $of */
$median = function (array $of): float {
    sort($of);

    return $of[intdiv(count($of), 2)];
};
/** Spearman's, with equal ranks for what is equal. */
$rank = function (array $values): array {
    return array_map(fn(float $one): float => count(array_filter($values, fn(float $other): bool => $other < $one))
        + (count(array_filter($values, fn(float $other): bool => $other === $one)) - 1) / 2, $values);
};
$correlation = function (array $one, array $other) use ($rank): float {
    [$one, $other] = [$rank($one), $rank($other)];
    $mean = fn(array $of): float => array_sum($of) / count($of);
    $of = fn(array $a, array $b): float => array_sum(array_map(
        fn(float $x, float $y): float => ($x - $mean($a)) * ($y - $mean($b)),
        $a,
        $b,
    ));
    $by = sqrt($of($one, $one) * $of($other, $other));

    return $by === 0.0 ? NAN : $of($one, $other) / $by;
};

$sums = ['cases' => 0, 'settled' => 0, 'right' => 0];
$scores = $tried = [];
foreach ($kinds as $kind) {
    $minutes = $score = [];
    for ($n = 0; $n < (int) $each; ++$n) {
        $seed = (int) $from + $n;
        $case = Cases::find(Cases::nameOf($kind, OUTLETS[$seed % count(OUTLETS)], $seed));
        if ($case === null) {
            continue;
        }
        $best = Road::best($case);
        ++$sums['cases'];
        $sums['settled'] += (int) $best->end()->settled;
        $sums['right'] += (int) $best->isRight();
        $scores[] = $score[] = Difficulty::of($best)->score();
        $minutes['best'][] = $best->minutes();
        if (! $best->isRight()) {
            $top = $best->end()->causes[0];
            printf(
                "%s %s: %s %.2f, hidden %s\n",
                $case->name,
                $best->end()->settled ? 'WRONG' : 'not settled',
                $top->hypothesis->id,
                $best->end()->sure,
                json_encode(array_map(fn($fault): array => $fault->said(), $case->hidden)),
            );
        }
        $said = sprintf('  %s best %.0f min, %.1f look alike', $case->name, $best->minutes(), Difficulty::of($best)->lookAlikes);
        foreach ($what === 'strategies' ? Strategy::NAMES : [] as $name) {
            $most = MOST * $best->minutes();
            $plan = Strategy::named($name, $case);
            $road = Road::following(
                $case,
                fn(Diagnosis $known, Visit $visit): ?array => $visit->minutes() < $most ? $plan($known, $visit) : null,
            );
            $found = $road->isRight() ? min($most, $road->minutes()) : $most;
            $said .= sprintf(', %s %.0f min%s', $name, $found, $road->isRight() ? '' : ' and not found');
            $minutes[$name][] = $found;
        }
        if ($what === 'chance') {
            $tries = array_map(fn(int $try): float => Road::following($case, Strategy::chance($try))->minutes(), range(1, TRIES));
            $tried[] = [
                'all' => 'all', 'size' => OUTLETS[$seed % count(OUTLETS)], 'kind' => $kind->value, 'score' => end($score),
                'chance' => $median($tries),
                'some' => $median(array_slice($tries, 0, intdiv(TRIES, 2))),
                'others' => $median(array_slice($tries, intdiv(TRIES, 2))),
            ];
            $said .= sprintf(', chance %.0f min of %s', $median($tries), implode(' ', $tries));
        }
        if ($what !== 'solved') {
            echo "$said\n";
        }
    }
    $line = sprintf('%-20s %d cases', $kind->value, count($score));
    foreach ($minutes as $name => $of) {
        $line .= sprintf(', %s %.0f min', $name, array_sum($of) / count($of));
    }
    echo "$line\n";
}
sort($scores);
printf(
    "%d cases, %d settled (%.1f %%), %d rightly (%.1f %%); scores: a third below %.0f, two thirds below %.0f\n",
    $sums['cases'],
    $sums['settled'],
    100 * $sums['settled'] / max(1, $sums['cases']),
    $sums['right'],
    100 * $sums['right'] / max(1, $sums['cases']),
    $scores[intdiv(count($scores), 3)] ?? 0,
    $scores[intdiv(2 * count($scores), 3)] ?? 0,
);
foreach ($tried === [] ? [] : ['all', 'size', 'kind'] as $by) {
    $mean = function (string $one, string $other) use ($tried, $by, $correlation): float {
        $of = [];
        foreach (array_unique(array_column($tried, $by)) as $group) {
            $there = array_values(array_filter($tried, fn(array $case): bool => $case[$by] === $group));
            $of[] = count($there) > 2 ? $correlation(array_column($there, $one), array_column($there, $other)) : NAN;
        }
        $of = array_filter($of, fn(float $rank): bool => ! is_nan($rank));

        return array_sum($of) / max(1, count($of));
    };
    printf("by %s: rank correlation %.2f, of the learner with itself %.2f\n", $by, $mean('score', 'chance'), $mean('some', 'others'));
}
