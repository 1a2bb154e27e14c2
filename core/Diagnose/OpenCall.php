<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Breaker;
use Bouclier\Core\House\House;
use Bouclier\Core\Records\EntryId;
use Bouclier\Core\Records\Records;

/** The call that is open in a house, as its `symptom`, `tests` and `cannot`; and the calls that are closed, as `records.calls`. */
final class OpenCall
{
    private const CALLS = 'calls';

    public static function isOpen(House $house): bool
    {
        return ($house->sections['symptom'] ?? null) instanceof \stdClass;
    }

    /** A call begins, or is told otherwise: when it began, what was answered and what was tested stand. */
    public static function told(House $house, \stdClass $symptom): House
    {
        $before = $house->sections['symptom'] ?? null;
        $kept = fn(string $key): array => $before instanceof \stdClass && isset($before->{$key}) ? [$key => $before->{$key}] : [];

        return $house->with(
            sections: [...$house->sections, 'symptom' => (object) [...$kept('answers'), ...get_object_vars($symptom), ...$kept('at_time')]],
        );
    }

    /** @return list<\stdClass> */
    public static function tests(House $house): array
    {
        $tests = $house->sections['tests'] ?? [];

        return is_array($tests) ? array_values(array_filter($tests, fn(mixed $one): bool => $one instanceof \stdClass)) : [];
    }

    /**
     * @param array<mixed> $reading as a house file has it
     * @param mixed $at ISO 8601
     *
     * @return \stdClass as in `tests`
     */
    public static function test(Action $action, array $reading, mixed $at, mixed $who): \stdClass
    {
        return (object) ['action' => (object) $action->said(), 'reading' => (object) $reading, 'at_time' => $at, 'who' => $who];
    }

    /** @param list<\stdClass> $tests in the order they were done; each is given an id */
    public static function tested(House $house, array $tests): House
    {
        return self::with($house, 'tests', EntryId::givenToAll([...self::tests($house), ...$tests]));
    }

    /**
     * Breakers that are turned as part of tests: they are turned in the live bar too.
     *
     * @param list<\stdClass> $tests
     *
     * @return list<array{string, bool}> circuit, and whether it is on then
     */
    public static function turned(array $tests): array
    {
        $turned = [];
        foreach ($tests as $test) {
            $action = $test->action ?? null;
            if ($action instanceof \stdClass && ($action->do ?? null) === Breaker::name() && is_string($action->circuit ?? null)) {
                $turned[] = [$action->circuit, ($action->on ?? false) === true];
            }
        }

        return $turned;
    }

    /** @param \Closure(\stdClass): bool $stands which of the tests are to stand */
    public static function keeping(House $house, \Closure $stands): House
    {
        return self::with($house, 'tests', array_values(array_filter(self::tests($house), $stands)));
    }

    /** @throws \Bouclier\Core\House\NotThere when there is no such test */
    public static function withdrawn(House $house, string $id): House
    {
        $tests = self::tests($house);
        unset($tests[EntryId::placeOf($tests, $id)]);

        return self::with($house, 'tests', array_values($tests));
    }

    /** @return list<string> */
    public static function cannot(House $house): array
    {
        $cannot = $house->sections['cannot'] ?? [];

        return is_array($cannot) ? array_values(array_filter($cannot, is_string(...))) : [];
    }

    /** @param string $what a kind of action, or a kind and the id of a place */
    public static function cannotDo(House $house, string $what, bool $cannot): House
    {
        $kept = array_values(array_filter(self::cannot($house), fn(string $one): bool => $one !== $what));

        return self::with($house, 'cannot', $cannot ? [...$kept, $what] : $kept);
    }

    /**
     * Closed: it goes to the records, where it is evidence for the next call.
     *
     * @param string $at ISO 8601
     */
    public static function closed(House $house, Conclusion $conclusion, string $who, string $at, ?string $note = null): House
    {
        $said = ['at_time' => $at, 'who' => $who, 'settled' => $conclusion->settled, 'cause' => $conclusion->cause, 'text' => $note];
        $call = [
            ...array_filter($said, fn(mixed $one): bool => $one !== null),
            'symptom' => $house->sections['symptom'] ?? new \stdClass(),
            'tests' => self::tests($house),
        ];
        $house = Records::added($house, self::CALLS, (object) $call);
        $where = $conclusion->at;
        if ($where !== null && $where->id() !== '') {
            // A cord set goes by the appliance that hangs on it.
            $place = $where->ofAppliance() === null ? [$where->kind() => $where->id()] : ['appliance' => $where->ofAppliance()];
            $entry = [...$place, 'event' => 'tripped', 'at_time' => $at, 'who' => $who, 'text' => $conclusion->cause ?? ''];
            $house = Records::added($house, 'device_history', (object) $entry);
        }

        return $house->with(sections: array_diff_key($house->sections, ['symptom' => 0, 'tests' => 0, 'cannot' => 0]));
    }

    /** @return list<\stdClass> the last one first */
    public static function earlier(House $house): array
    {
        return array_reverse(Records::of($house, self::CALLS));
    }

    /** @param list<mixed> $list */
    private static function with(House $house, string $section, array $list): House
    {
        return $house->with(sections: [...$house->sections, $section => $list]);
    }
}
