<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\ActionList;
use Bouclier\Core\Actions\Breaker;
use Bouclier\Core\Actions\Clamp;
use Bouclier\Core\Actions\PressTest;
use Bouclier\Core\Actions\Tester;
use Bouclier\Core\Actions\Volts;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Live\Switching;
use Bouclier\Core\Records\EntryId;
use Bouclier\Core\Records\Records;

/**
 * Everything that was observed since the call came in, in the order it happened: the tests of the call, and what instruments showed and
 * devices did elsewhere in the app. What was read before the call is of a house that did not have the trouble yet.
 */
final class Evidence
{
    /** Seconds within which a breaker of a test is noted as turned. */
    private const SAME_MOMENT = 5;

    /**
     * @return list<array{entry: \stdClass, test: string|null, stands: bool}> entries as in `tests`; the id of those that are in that list;
     *     whether all it names is still there
     */
    public static function of(House $house): array
    {
        $symptom = $house->sections['symptom'] ?? null;
        $since = $symptom instanceof \stdClass && is_string($symptom->at_time ?? null) ? (int) strtotime($symptom->at_time) : null;
        $found = [];
        foreach (EntryId::givenToAll(OpenCall::tests($house)) as $entry) {
            $found[] = ['entry' => $entry, 'test' => is_string($entry->id ?? null) ? $entry->id : null];
        }
        foreach ($since === null ? [] : [
            ...Records::of($house, 'readings'),
            ...Records::of($house, 'device_tests'),
            ...self::switched($house),
        ] as $record) {
            $entry = is_string($record->at_time ?? null) && strtotime($record->at_time) >= $since ? self::entry($house, $record) : null;
            if ($entry === null) {
                continue;
            }
            // After the last test of the call that is not later.
            $at = count($found);
            while ($at > 0 && self::time($found[$at - 1]['entry']) > self::time($entry)) {
                --$at;
            }
            array_splice($found, $at, 0, [['entry' => $entry, 'test' => null]]);
        }

        $unusable = ActionList::of(
            $house->with(sections: ['actions' => array_map(fn(array $one): mixed => $one['entry']->action ?? new \stdClass(), $found)]),
        )->unusable;

        return array_map(
            fn(array $one, int $number): array => [...$one, 'stands' => ! isset($unusable[$number])],
            $found,
            array_keys($found),
        );
    }

    /** The house with all of it that stands among its tests, and of what ran, what is still there. */
    public static function in(House $house): House
    {
        $tests = array_values(array_filter(self::of($house), fn(array $one): bool => $one['stands']));
        $symptom = $house->sections['symptom'] ?? null;
        $running = $symptom instanceof \stdClass ? $symptom->running ?? null : null;
        if ($symptom instanceof \stdClass && is_array($running)) {
            $there = array_filter($running, fn(mixed $id): bool => is_string($id) && $house->findAppliance($id) !== null);
            $symptom = (object) [...get_object_vars($symptom), 'running' => array_values($there)];
        }

        return $house->with(
            sections: [
                ...$house->sections,
                ...($symptom === null ? [] : ['symptom' => $symptom]),
                'tests' => array_column($tests, 'entry'),
            ],
        );
    }

    /** @return list<Action> everything that was done in the call so far and stands */
    public static function actions(House $house): array
    {
        $wrong = [];

        return array_map(fn(Test $test): Action => $test->action, Test::of(self::in($house), $wrong));
    }

    /**
     * Breakers turned in the live bar, each of those behind a main that was turned; those that were turned as part of a test are in the
     * tests already.
     *
     * @return list<\stdClass>
     */
    private static function switched(House $house): array
    {
        $isTest = fn(\stdClass $record): bool => array_filter(
            OpenCall::tests($house),
            fn(\stdClass $test): bool => OpenCall::turned([$test]) === [
                [$record->circuit ?? null, $record->on ?? false],
            ] && abs(self::time($test) - self::time($record)) <= self::SAME_MOMENT,
        ) !== [];
        $behind = fn(\stdClass $record): array => array_map(
            fn(Circuit $circuit): \stdClass => (object) [...get_object_vars($record), 'circuit' => $circuit->id],
            array_values(array_filter($house->circuits, fn(Circuit $circuit): bool => $circuit->panel === ($record->panel ?? null))),
        );
        $turned = array_merge(
            [],
            ...array_map(
                fn(\stdClass $record): array => isset($record->panel) ? $behind($record) : [$record],
                Records::of($house, Switching::LIST),
            ),
        );

        return array_values(array_filter($turned, fn(\stdClass $record): bool => ! $isTest($record)));
    }

    private static function time(\stdClass $entry): int
    {
        return is_string($entry->at_time ?? null) ? (int) strtotime($entry->at_time) : 0;
    }

    private static function entry(House $house, \stdClass $record): ?\stdClass
    {
        $point = $record->point ?? null;
        $circuit = $record->circuit ?? null;
        if (! (is_string($point) && $house->hasPoint($point)) && ! is_string($circuit)) {
            return null;
        }
        $at = is_string($point) ? new Spot(point: $point) : new Spot(circuit: $circuit);
        $between = Between::tryFrom(is_string($record->between ?? null) ? $record->between : Between::HotNeutral->value);
        [$action, $reading] = match (true) {
            ($record->lamps ?? null) instanceof \stdClass => [new Tester($at), get_object_vars($record->lamps)],
            // At terminals, or against a lead from outside: no reading of the model.
            isset($record->volts) && (isset($record->terminals) || $between === null || $between->isReference()) => [null, []],
            isset($record->volts) => [new Volts($at, $between), ['volts' => $record->volts]],
            isset($record->ma) && is_string($record->cable ?? null) => [new Clamp(new Spot(cable: $record->cable)), ['ma' => $record->ma]],
            is_bool($record->on ?? null) => [new Breaker($at, $record->on), []],
            ($record->by ?? null) === 'device_button' => [
                new PressTest($at),
                ['tripped' => ($record->tripped ?? false) === true ? [$at->device()] : []],
            ],
            default => [null, []],
        };

        return $action === null ? null : OpenCall::test($action, $reading, $record->at_time, $record->who ?? '');
    }
}
