<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Diagnose\Cause;
use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\Diagnose\Proposal;
use Bouclier\Core\Diagnose\ProposedOutcome;
use Bouclier\Core\Faults\Fault;
use Bouclier\Core\Faults\Intermittent;

/** A diagnosis as the answer of `bouclier diagnose`. */
final class DiagnosisWriter
{
    private const LEAST = 0.0005;

    /** Other tests that are listed. */
    private const ALTERNATIVES = 5;

    /** @return array<string, mixed> */
    public static function toData(Diagnosis $diagnosis): array
    {
        $top = $diagnosis->causes[0];
        $shown = array_values(
            array_filter(
                $diagnosis->causes,
                fn(Cause $cause): bool => $cause === $top || $cause->probability >= self::LEAST || in_array(
                    $cause->hypothesis->id,
                    $top->sameAs,
                    true,
                ),
            ),
        );

        return [
            'causes' => array_map(self::cause(...), $shown),
            'next' => $diagnosis->next() === null ? null : self::next($diagnosis->next()),
            'settled' => $diagnosis->settled,
            'alternatives' => array_map(self::next(...), array_slice($diagnosis->worth, 1, self::ALTERNATIVES)),
            'plan' => array_map(
                fn(Proposal $step): array => ['actions' => self::said($step->actions), 'minutes' => $step->allMinutes()],
                $diagnosis->plan,
            ),
            'misfits' => $diagnosis->misfits,
        ];
    }

    /** @return array<string, mixed> */
    private static function cause(Cause $cause): array
    {
        $hypothesis = $cause->hypothesis;
        $faults = array_map(fn(Fault $fault): array => $fault->said(), $hypothesis->faults());

        return [
            'id' => $hypothesis->id,
            'faults' => $hypothesis->comesAndGoes && $faults !== [] ? [['kind' => Intermittent::name(), 'of' => $faults]] : $faults,
            'explains' => $hypothesis->explains->said(),
            'at' => $hypothesis->at->said(),
            'probability' => round($cause->probability, 4),
            'same_as' => $cause->sameAs,
            'for' => $cause->for,
            'against' => $cause->against,
        ];
    }

    /** @return array<string, mixed> */
    private static function next(Proposal $proposal): array
    {
        $outcomes = array_map(fn(ProposedOutcome $one): array => [
            'reading' => $proposal->last()->asReading($one->shown),
            'probability' => round($one->chance, 3),
            'means' => $one->cause === null ? '' : sprintf('points to %s (%.0f %%)', $one->cause, 100.0 * $one->then),
        ], $proposal->outcomes);
        $isOne = count($proposal->actions) === 1;

        return [
            'action' => $proposal->first()->said(),
            'minutes' => $proposal->minutes[0],
            'live' => $proposal->isLive,
            'gain_bits' => round($proposal->gainBits, 3),
            'outcomes' => $isOne
                ? $outcomes
                : [['reading' => ['tripped' => []], 'probability' => 1.0, 'means' => 'then ' . $proposal->actions[1]::name()]],
            'then' => $isOne ? [] : self::said(array_slice($proposal->actions, 1)),
            'then_outcomes' => $isOne ? [] : $outcomes,
        ];
    }

    /**
     * @param list<Action> $actions
     *
     * @return list<array<string, mixed>>
     */
    private static function said(array $actions): array
    {
        return array_map(fn(Action $action): array => $action->said(), $actions);
    }
}
