<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Breaker;
use Bouclier\Core\House\Call;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\Entries\ClosedCall;
use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\Entries\DeviceEventKind;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Spot;

/** The call that is open in a house, as its `symptom`, `tests` and `cannot`; and the calls that are closed, among its records. */
final class OpenCall
{
    private const DROPPED = 'Dropped before anything was found.';

    public static function isOpen(House $house): bool
    {
        return $house->call->symptom !== null;
    }

    /** A call begins, or is told otherwise: when it began, what was answered and what was tested stand. */
    public static function told(House $house, Complaint $symptom): House
    {
        $before = $house->call->symptom;
        $told = $symptom->with([
            'answers' => $symptom->answers ?? $before?->answers,
            'atTime' => $before->atTime ?? $symptom->atTime,
        ]);

        return $house->with(call: new Call($told, $house->call->cannot));
    }

    /** @return list<TestDone> */
    public static function tests(House $house): array
    {
        return $house->entries->all(TestDone::class);
    }

    /**
     * @param array<mixed> $reading by key
     * @param string|null $at ISO 8601
     */
    public static function test(Action $action, array $reading, ?string $at, ?string $who): TestDone
    {
        return new TestDone(new Loose($action->said()), new Loose($reading), $at, $who);
    }

    /**
     * Breakers that are turned as part of tests: they are turned in the live bar too.
     *
     * @param list<TestDone> $tests
     *
     * @return list<array{string, bool}> circuit, and whether it is on then
     */
    public static function turned(array $tests): array
    {
        $turned = [];
        foreach ($tests as $test) {
            $circuit = $test->action->text('circuit');
            if ($test->action->text('do') === Breaker::name() && $circuit !== null) {
                $turned[] = [$circuit, $test->action->flag('on') === true];
            }
        }

        return $turned;
    }

    /** @param \Closure(TestDone): bool $stands which of the tests are to stand */
    public static function keeping(House $house, \Closure $stands): House
    {
        return self::withTests($house, array_values(array_filter(self::tests($house), $stands)));
    }

    /** @throws \Bouclier\Core\House\NotThere when there is no such test */
    public static function withdrawn(House $house, string $id): House
    {
        return $house->with(entries: $house->entries->without(EntryList::Tests, $id));
    }

    /** @return list<string> */
    public static function cannot(House $house): array
    {
        return $house->call->cannot ?? [];
    }

    /** @param string $what a kind of action, or a kind and the id of a place */
    public static function cannotDo(House $house, string $what, bool $cannot): House
    {
        $kept = array_values(array_filter(self::cannot($house), fn(string $one): bool => $one !== $what));

        return $house->with(call: new Call($house->call->symptom, $cannot ? [...$kept, $what] : $kept));
    }

    /**
     * Closed: it goes to the records, where it is evidence for the next call.
     *
     * @param string $at ISO 8601
     */
    public static function closed(House $house, Conclusion $conclusion, string $who, string $at, ?string $note = null): House
    {
        $symptom = $house->call->symptom;
        $call = $symptom === null
            ? []
            : [new ClosedCall(
                $symptom,
                self::tests($house),
                $conclusion->cause,
                $conclusion->settled,
                $at,
                $who,
                $note,
                line: $conclusion->line,
                circumstances: $conclusion->circumstances === [] ? null : $conclusion->circumstances,
            )];

        return $house->with(
            entries: $house->entries->added(...$call, ...self::event($conclusion, $who, $at))->leftOut(EntryList::Tests),
            call: new Call(),
        );
    }

    /**
     * Put aside before anything was found, with its tests.
     *
     * @param string $at ISO 8601
     */
    public static function dropped(House $house, string $who, string $at): House
    {
        return self::closed($house, new Conclusion(false), $who, $at, self::DROPPED);
    }

    /**
     * Open again, with its tests; what closing it has filed at its place is taken back.
     *
     * @throws \Bouclier\Core\House\NotThere when there is no such call
     */
    public static function reopened(House $house, string $id): House
    {
        $entries = $house->entries->without(EntryList::Calls, $id);
        $call = array_values(array_filter($house->entries->all(ClosedCall::class), fn(ClosedCall $one): bool => $one->id() === $id))[0];
        $filed = fn(DeviceEvent $event): bool => $event->event === DeviceEventKind::Tripped && $call->cause !== null
            && $event->atTime === $call->atTime && $event->text === $call->cause;
        $events = array_filter($entries->all(DeviceEvent::class), fn(DeviceEvent $event): bool => ! $filed($event));

        return $house->with(
            entries: $entries->with(EntryList::DeviceHistory, array_values($events))->with(EntryList::Tests, $call->tests ?? []),
            call: new Call($call->symptom, $house->call->cannot),
        );
    }

    /** @return list<ClosedCall> the last one first */
    public static function earlier(House $house): array
    {
        return array_reverse($house->entries->all(ClosedCall::class));
    }

    /** @return list<DeviceEvent> what the call found, at its place; a cord set goes by the appliance that hangs on it */
    private static function event(Conclusion $conclusion, string $who, string $at): array
    {
        $where = $conclusion->at;
        if ($where === null || $where->id() === '') {
            return [];
        }
        $place = $where->ofAppliance() === null ? $where : new Spot(appliance: $where->ofAppliance());

        return [new DeviceEvent(
            DeviceEventKind::Tripped,
            circuit: $place->circuit,
            point: $place->point,
            cable: $place->cable,
            appliance: $place->appliance,
            atTime: $at,
            who: $who,
            text: $conclusion->cause ?? '',
        )];
    }

    /** @param list<TestDone> $tests */
    private static function withTests(House $house, array $tests): House
    {
        return $house->with(entries: $house->entries->with(EntryList::Tests, $tests));
    }
}
