<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Diagnose\Cause;
use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\Diagnose\MeterReadings;
use Bouclier\Core\Diagnose\Proposal;
use Bouclier\Core\Diagnose\ProposedOutcome;
use Bouclier\Core\Diagnose\Shown;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Network\Spot;

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
        $shown = array_values(array_filter($diagnosis->causes, fn(Cause $cause): bool => $cause === $top || $cause->probability >= self::LEAST || in_array($cause->hypothesis->id, $top->sameAs, true)));

        return [
            'causes' => array_map(self::cause(...), $shown),
            'next' => $diagnosis->next() === null ? null : self::next($diagnosis->next()),
            'settled' => $diagnosis->settled,
            'alternatives' => array_map(self::next(...), array_slice($diagnosis->worth, 1, self::ALTERNATIVES)),
            'plan' => array_map(fn(Proposal $step): array => ['actions' => array_map(self::action(...), $step->actions), 'minutes' => $step->allMinutes()], $diagnosis->plan),
            'misfits' => $diagnosis->misfits,
        ];
    }

    /** @return array<string, mixed> */
    private static function cause(Cause $cause): array
    {
        $hypothesis = $cause->hypothesis;
        $faults = array_map(self::fault(...), $hypothesis->faults());

        return [
            'id' => $hypothesis->id,
            'faults' => $hypothesis->comesAndGoes ? [['kind' => FaultKind::Intermittent->value, 'of' => $faults]] : $faults,
            'explains' => $hypothesis->explains->value,
            'at' => self::spot($hypothesis->at),
            'probability' => round($cause->probability, 4),
            'same_as' => $cause->sameAs,
            'for' => $cause->for,
            'against' => $cause->against,
        ];
    }

    /** @return array<string, mixed> */
    private static function fault(Fault $fault): array
    {
        return array_filter([
            'kind' => $fault->kind->value,
            'at' => self::spot($fault->at, $fault->kind === FaultKind::Land),
            'ohms' => $fault->ohms > 0.0 ? $fault->ohms : null,
            'conductor' => $fault->conductor?->value,
            'hot' => $fault->landing?->hot->value,
            'neutral' => $fault->landing?->neutral->value,
            'lender' => $fault->lender === null ? null : ['point' => $fault->lender],
            'trip_ma' => $fault->tripMa,
        ], fn(mixed $said): bool => $said !== null);
    }

    private static function spot(Spot $spot, bool $withEnd = false): \stdClass
    {
        return (object) array_filter([
            'point' => $spot->point,
            'circuit' => $spot->circuit,
            'cable' => $spot->cable,
            'end' => $withEnd ? ($spot->atFrom ? 'from' : 'to') : null,
            'appliance' => $spot->appliance,
            'cord' => $spot->cord,
        ], fn(?string $said): bool => $said !== null);
    }

    /** @return array<string, mixed> */
    private static function next(Proposal $proposal): array
    {
        $outcomes = array_map(fn(ProposedOutcome $one): array => [
            'reading' => self::reading($proposal->last(), $one->shown),
            'probability' => round($one->chance, 3),
            'means' => $one->cause === null ? '' : sprintf('points to %s (%.0f %%)', $one->cause, 100.0 * $one->then),
        ], $proposal->outcomes);
        $isOne = count($proposal->actions) === 1;

        return [
            'action' => self::action($proposal->first()),
            'minutes' => $proposal->minutes[0],
            'live' => $proposal->isLive,
            'gain_bits' => round($proposal->gainBits, 3),
            'outcomes' => $isOne ? $outcomes : [['reading' => ['tripped' => []], 'probability' => 1.0, 'means' => 'then ' . $proposal->actions[1]->kind->value]],
            'then' => $isOne ? [] : array_map(self::action(...), array_slice($proposal->actions, 1)),
            'then_outcomes' => $isOne ? [] : $outcomes,
        ];
    }

    /** @return array<string, mixed> what is shown, as a reading of the action would have it */
    private static function reading(Action $action, string $shown): array
    {
        [$what, $which] = Shown::parts($shown);
        $tripped = Shown::tripped($shown);

        return match (true) {
            $what === 'lamps' => array_combine(['hn', 'hg', 'ng'], array_map(fn(string $lit): bool => $lit === '1', str_split($which))),
            $what === 'no_power' => ['holds' => false, 'tripped' => [], 'no_power' => true],
            in_array($action->kind, [ActionKind::Reset, ActionKind::SwapDevice], true) && in_array($what, ['trips', 'holds', 'dead'], true) => ['holds' => $what === 'holds', 'tripped' => $tripped],
            $what === 'trips' || $what === 'holds' => ['tripped' => $tripped],
            $what === 'nothing' && $action->kind === ActionKind::Inspect => ['seen' => []],
            $what === 'seen' => ['seen' => [$which]],
            $what === 'volts' => ['volts' => round(MeterReadings::voltsShown((int) $which), 1)],
            $what === 'ma' => ['ma' => round(MeterReadings::milliamperesShown((int) $which), 2)],
            $what === 'moved' || $what === 'firm' => ['moved' => $what === 'moved'],
            default => ['shows' => $shown],
        };
    }

    /** @return array<string, mixed> an action as the house file writes it */
    public static function action(Action $action): array
    {
        /** @var array<string, mixed> $said */
        $said = ['do' => $action->kind->value];
        foreach (array_map(strval(...), array_keys($action->kind->names())) as $key) {
            $said[$key] = match ($key) {
                'at' => self::spot($action->at, $action->at->cable !== null),
                'to' => $action->to,
                'pair' => $action->pair,
                'circuit' => $action->at->circuit,
                'point' => $action->at->point,
                'cable' => $action->at->cable,
                default => $action->at->appliance,
            };
        }

        return $said + match ($action->kind) {
            ActionKind::Breaker, ActionKind::Lift => ['on' => $action->on],
            ActionKind::Volts => ['between' => $action->between, 'low_z' => $action->lowZ],
            ActionKind::NonContact => ['conductor' => $action->conductor->value],
            ActionKind::Wait => ['minutes' => $action->minutes],
            ActionKind::Trial => ['days' => $action->days],
            default => [],
        };
    }
}
