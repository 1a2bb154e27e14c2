<?php

declare(strict_types=1);

namespace Bouclier\Core\Papers;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Demand;
use Bouclier\Core\CodeBook\Read\LampsAt;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Entries\DeviceTest;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\Entries\RoundAnswer;
use Bouclier\Core\House\Entries\RoundStep;
use Bouclier\Core\House\Entries\TestButton;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\WalkThrough;
use Bouclier\Core\Network\Compared;
use Bouclier\Core\Network\Lamps;
use Bouclier\Core\Network\Tripping;
use Bouclier\Core\Network\TripTime;

/** What was measured and seen in a house, per outlet and protective breaker, with whether it passed: everything, not only the last. */
final readonly class TestRecord
{
    private FeedMap $feeds;

    private Context $context;

    private Assess $assess;

    private function __construct(private House $house)
    {
        $this->feeds = new FeedMap($house);
        $this->context = new Context($house, $this->feeds, $house->code->edition);
        $this->assess = new Assess($house, feeds: $this->feeds);
    }

    /** @return list<RecordPart> outlets in walking order, then protective breakers and those that were tested */
    public static function of(House $house): array
    {
        $record = new self($house);
        $breakers = array_filter(
            $house->circuits,
            fn(Circuit $one): bool => $one->breaker()->isProtective() || $record->lines($one) !== [],
        );

        return [...array_map($record->outlet(...), WalkThrough::of($house, fn(): bool => true)), ...array_values(array_map(
            fn(Circuit $one): RecordPart => new RecordPart(
                $one,
                "Breaker {$one->slot}",
                $one->label,
                $one->breaker()->label(),
                [],
                $record->lines($one),
            ),
            $breakers,
        ))];
    }

    private function outlet(Point $point): RecordPart
    {
        $judged = $this->assess->point($point);
        $demands = [...$judged->demandsFor(Protection::Gfci), ...$judged->demandsFor(Protection::Afci)];
        $guards = array_map(fn(Guard $guard): string => $guard->spoken(), [
            ...$judged->guards(Protection::Gfci),
            ...$judged->guards(Protection::Afci),
        ]);

        return new RecordPart(
            $point,
            $point->code,
            $point->name,
            $guards === [] ? 'not protected' : 'by ' . implode(', ', array_unique($guards)),
            array_values(array_unique(array_map(fn(Demand $demand): string => $demand->clause, $demands))),
            $this->lines($point),
        );
    }

    /** @return list<RecordLine> in the order they were filed */
    private function lines(Point|Circuit $at): array
    {
        $lines = $at instanceof Point ? $this->readings($at) : [];
        foreach ($this->house->entries->all(DeviceTest::class) as $test) {
            if (($test->point ?? $test->circuit) === $at->id) {
                $lines[] = $this->tested($test);
            }
        }
        foreach ($this->house->entries->all(RoundAnswer::class) as $answer) {
            if (($answer->point ?? $answer->circuit) === $at->id && ! $this->isMeasured($answer)) {
                $half = $answer->half === null ? '' : ", {$answer->half->value} half";
                $read = $answer->asExpected ? 'seen as expected' : 'not as it should be';
                $said = $answer->text === null ? '' : ": $answer->text";
                $lines[] = new RecordLine(
                    $answer->step->label() . $half,
                    $read . $said,
                    $answer->asExpected,
                    $answer->atTime,
                    $answer->who,
                );
            }
        }

        return $lines;
    }

    /** @return list<RecordLine> */
    private function readings(Point $point): array
    {
        $readings = array_filter(
            $this->house->entries->all(MeterReading::class),
            fn(MeterReading $reading): bool => $reading->point === $point->id,
        );

        return array_merge([], ...array_map(fn(MeterReading $reading): array => $this->read($point, $reading), array_values($readings)));
    }

    /** Whether what was measured in it says it already. */
    private function isMeasured(RoundAnswer $answer): bool
    {
        return in_array($answer->step, [RoundStep::Test, RoundStep::Back, RoundStep::Button], true) && $answer->asExpected;
    }

    /** @return list<RecordLine> */
    private function read(Point $point, MeterReading $reading): array
    {
        $half = $reading->half === null ? '' : ", {$reading->half->value} half";
        $line = fn(string $what, string $read, ?bool $passed): RecordLine => new RecordLine(
            $what . $half,
            $read,
            $passed,
            $reading->atTime,
            $reading->who,
            $reading->instrument,
        );
        $lines = [];
        $volts = $reading->volts === null ? '' : sprintf('%.1f V', $reading->volts);
        if ($reading->lamps !== null) {
            $lamps = new Lamps($reading->lamps->hn, $reading->lamps->hg, $reading->lamps->ng);
            $isRight = $lamps->equals(LampsAt::expected($this->context, $point));
            $lines[] = $line('Tester', $lamps->spoken() . ($volts === '' ? '' : ", $volts"), $isRight);
        } elseif ($reading->volts !== null) {
            $between = $reading->between?->value;
            $expected = $between === null ? null : $this->context->expected()->meterAt($point)[$between] ?? null;
            $passed = $expected === null
                ? null
                : Compared::volts($between, $reading->volts, $expected, $this->house->supplyVolts())->means === null;
            $lines[] = $line('Volts ' . ($reading->between?->label() ?? ''), $volts, $passed);
        }
        if ($reading->ma !== null) {
            $lines[] = $line('Clamp', sprintf('%.2f mA', $reading->ma), null);
        }
        if ($reading->tripMs !== null) {
            $lines[] = $this->timed("Tester's button", $reading->tripMs, $reading->atTime, $reading->who, $reading->instrument);
        }
        if ($reading->lit !== null) {
            $lines[] = $line('A light plugged in', $reading->lit ? 'it ran' : 'it did not run', null);
        }
        if ($reading->glows !== null) {
            $lines[] = $line('Non-contact tester', $reading->glows ? 'glows' : 'dark', null);
        }

        return $lines;
    }

    private function tested(DeviceTest $test): RecordLine
    {
        $what = ucfirst(($test->by ?? TestButton::Own)->label());
        if ($test->tripped !== false && $test->tripMs !== null) {
            return $this->timed($what, $test->tripMs, $test->atTime, $test->who);
        }
        $read = match (true) {
            $test->tripped === false => 'nothing tripped',
            $test->resetHeld === false => 'tripped, and did not reset',
            $test->resetHeld === true => 'tripped, and reset',
            default => 'tripped',
        };

        return new RecordLine(
            $what,
            $read . ($test->text === null ? '' : ": $test->text"),
            $test->tripped !== false && $test->resetHeld !== false,
            $test->atTime,
            $test->who,
        );
    }

    private function timed(string $what, float $ms, ?string $at, ?string $who, ?string $instrument = null): RecordLine
    {
        $ma = Tripping::buttonMa($this->house->supplyVolts());
        $share = TripTime::share($ms, $ma);

        return new RecordLine($what, TripTime::say($ms, $ma), $share === null ? null : $share <= 1.0, $at, $who, $instrument);
    }
}
