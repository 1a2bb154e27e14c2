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
use Bouclier\Core\House\Call;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\DeviceTest;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\Switched;
use Bouclier\Core\House\Entries\TestButton;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\Spot;

/**
 * Everything that was observed since the call came in, in the order it happened: the tests of the call, and what instruments showed and
 * devices did elsewhere in the app. What was read before the call is of a house that did not have the trouble yet.
 */
final class Evidence
{
    /** Seconds within which a breaker of a test is noted as turned. */
    private const SAME_MOMENT = 5;

    /** @return list<Fact> */
    public static function of(House $house): array
    {
        $since = Moment::seconds($house->call->symptom?->atTime);
        $found = array_map(fn(TestDone $test): Fact => new Fact($test, true), $house->entries->identified()->all(TestDone::class));
        foreach ($since === null ? [] : self::elsewhere($house) as $done) {
            if (self::time($done) < $since) {
                continue;
            }
            // After the last test of the call that is not later.
            $at = count($found);
            while ($at > 0 && self::time($found[$at - 1]->done) > self::time($done)) {
                --$at;
            }
            array_splice($found, $at, 0, [new Fact($done, false)]);
        }
        $actions = array_map(fn(Fact $fact): Loose => $fact->done->action, $found);
        $unusable = ActionList::read($house, $actions, fn(int $number): string => "/tests/$number/action")->unusable;

        return array_map(
            fn(Fact $fact, int $number): Fact => isset($unusable[$number]) ? $fact->fallen() : $fact,
            $found,
            array_keys($found),
        );
    }

    /** The house with all of it that stands among its tests, and of what ran, what is still there. */
    public static function in(House $house): House
    {
        $standing = array_filter(self::of($house), fn(Fact $fact): bool => $fact->stands);
        $symptom = $house->call->symptom;
        $isThere = fn(string $id): bool => $house->findAppliance($id) !== null;
        if ($symptom?->running !== null) {
            $symptom = $symptom->with(['running' => array_values(array_filter($symptom->running, $isThere))]);
        }

        return $house->with(
            entries: $house->entries->with(
                EntryList::Tests,
                array_values(array_map(fn(Fact $fact): TestDone => $fact->done, $standing)),
            ),
            call: new Call($symptom, $house->call->cannot),
        );
    }

    /** @return list<Action> everything that was done in the call so far and stands */
    public static function actions(House $house): array
    {
        $wrong = [];

        return array_map(fn(Test $test): Action => $test->action, Test::of(self::in($house), $wrong));
    }

    /** @return list<TestDone> what was read, tested and turned outside the call, each list in its order */
    private static function elsewhere(House $house): array
    {
        $isThere = fn(?string $point): bool => $point !== null && $house->hasPoint($point);

        return array_values(array_filter([
            ...array_map(
                fn(MeterReading $read): ?TestDone => $isThere($read->point) || $read->circuit !== null ? self::read($read) : null,
                $house->entries->all(MeterReading::class),
            ),
            ...array_map(
                fn(DeviceTest $test): ?TestDone => $isThere($test->point) || $test->circuit !== null ? self::pressed($test) : null,
                $house->entries->all(DeviceTest::class),
            ),
            ...array_map(
                fn(Switched $turned): ?TestDone => $turned->circuit === null ? null : OpenCall::test(
                    new Breaker(new Spot(circuit: $turned->circuit), $turned->on),
                    [],
                    $turned->atTime,
                    $turned->who ?? '',
                ),
                self::switched($house),
            ),
        ], fn(?TestDone $done): bool => $done?->atTime !== null));
    }

    /**
     * Breakers turned in the live bar, each of those behind a main that was turned; those that were turned as part of a test are in the
     * tests already.
     *
     * @return list<Switched>
     */
    private static function switched(House $house): array
    {
        $turned = [];
        foreach ($house->entries->all(Switched::class) as $one) {
            $behind = array_filter($house->circuits, fn(Circuit $circuit): bool => $circuit->panel === $one->panel);
            array_push($turned, ...($one->panel === null ? [$one] : array_values(array_map(
                fn(Circuit $circuit): Switched => new Switched($one->on, $circuit->id, atTime: $one->atTime, who: $one->who),
                $behind,
            ))));
        }
        $isTest = fn(Switched $one): bool => array_filter(
            OpenCall::tests($house),
            fn(TestDone $test): bool => OpenCall::turned([$test]) === [[$one->circuit, $one->on]]
                && abs(self::time($test) - (Moment::seconds($one->atTime) ?? 0)) <= self::SAME_MOMENT,
        ) !== [];

        return array_values(array_filter($turned, fn(Switched $one): bool => ! $isTest($one)));
    }

    private static function time(TestDone $done): int
    {
        return Moment::seconds($done->atTime) ?? 0;
    }

    private static function read(MeterReading $read): ?TestDone
    {
        $at = self::place($read->point, $read->circuit);
        $between = $read->between ?? Between::HotNeutral;
        [$action, $reading] = match (true) {
            $read->lamps !== null => [
                new Tester($at),
                ['hn' => $read->lamps->hn, 'hg' => $read->lamps->hg, 'ng' => $read->lamps->ng],
            ],
            // At terminals, or against a lead from outside: no reading of the model.
            $read->volts !== null && ($read->terminals !== null || $between->isReference()) => [null, []],
            $read->volts !== null => [new Volts($at, $between), ['volts' => $read->volts]],
            $read->ma !== null && $read->cable !== null => [new Clamp(new Spot(cable: $read->cable)), ['ma' => $read->ma]],
            default => [null, []],
        };

        return $action === null ? null : OpenCall::test($action, $reading, $read->atTime, $read->who ?? '');
    }

    private static function pressed(DeviceTest $test): ?TestDone
    {
        $at = self::place($test->point, $test->circuit);
        $tripped = $test->tripped === true ? [$at->device()] : [];

        return $test->by === TestButton::Own
            ? OpenCall::test(new PressTest($at), ['tripped' => $tripped], $test->atTime, $test->who ?? '')
            : null;
    }

    private static function place(?string $point, ?string $circuit): Spot
    {
        return $point === null ? new Spot(circuit: $circuit) : new Spot(point: $point);
    }
}
