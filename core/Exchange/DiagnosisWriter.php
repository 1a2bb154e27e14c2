<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Diagnose\Cause;
use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\Diagnose\Proposal;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Network\Spot;

/** A diagnosis as the answer of `bouclier diagnose`. */
final class DiagnosisWriter
{
    private const LEAST = 0.0005;

    /** @return array<string, mixed> */
    public static function toData(Diagnosis $diagnosis): array
    {
        $shown = array_values(array_filter($diagnosis->causes, fn(Cause $cause): bool => $cause->probability >= self::LEAST));

        return [
            'causes' => array_map(self::cause(...), $shown === [] ? array_slice($diagnosis->causes, 0, 1) : $shown),
            'next' => $diagnosis->next === null ? null : self::next($diagnosis->next),
            'settled' => $diagnosis->settled,
        ];
    }

    /** @return array<string, mixed> */
    private static function cause(Cause $cause): array
    {
        $hypothesis = $cause->hypothesis;
        $faults = array_map(self::fault(...), $hypothesis->faults());

        return [
            'id' => $hypothesis->id,
            'faults' => $hypothesis->chance < 1.0 ? [['kind' => FaultKind::Intermittent->value, 'of' => $faults[0] ?? [], 'chance' => $hypothesis->chance]] : $faults,
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
        $outcomes = [];
        foreach ($proposal->outcomes as $outcome => [$chance, $cause]) {
            $outcomes[] = ['reading' => self::reading($proposal->actions[count($proposal->actions) - 1], $outcome), 'probability' => round($chance, 3), 'means' => $cause === null ? '' : "points to $cause"];
        }

        return [
            'action' => self::action($proposal->first()),
            'minutes' => $proposal->minutes,
            'live' => $proposal->isLive,
            'gain_bits' => round($proposal->gainBits, 3),
            'outcomes' => $outcomes,
            'then' => array_map(self::action(...), array_slice($proposal->actions, 1)),
        ];
    }

    /** @return array<string, mixed> an outcome as a reading of the action would show it */
    private static function reading(Action $action, string $outcome): array
    {
        $device = $action->at->device();
        $tripped = $device === null ? [] : [$device];

        return match (true) {
            str_starts_with($outcome, 'lamps ') => array_combine(['hn', 'hg', 'ng'], array_map(fn(string $lit): bool => $lit === '1', str_split(substr($outcome, 6)))),
            $outcome === 'no_power' => ['holds' => false, 'tripped' => [], 'no_power' => true],
            $outcome === 'trips' && $action->kind === ActionKind::Reset => ['holds' => false, 'tripped' => $tripped],
            $outcome === 'holds' && in_array($action->kind, [ActionKind::Reset, ActionKind::SwapDevice], true) => ['holds' => true, 'tripped' => []],
            $outcome === 'trips' && $action->kind === ActionKind::Trial => ['trips' => 1],
            $outcome === 'holds' && $action->kind === ActionKind::Trial => ['trips' => 0],
            $outcome === 'trips' => ['tripped' => $tripped],
            $outcome === 'holds' => ['tripped' => []],
            $outcome === 'nothing' && $action->kind === ActionKind::Inspect => ['seen' => []],
            default => ['shows' => $outcome],
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
