<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\Checks\LeakageBudget;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\LeakagePart;
use Bouclier\Core\Feed\ZoneLeakage;
use Bouclier\Core\Feed\Zones;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Entries\DeviceTest;
use Bouclier\Core\House\Entries\MeterReading;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\Network\BreakerLoad;
use Bouclier\Core\Network\Compared;
use Bouclier\Core\Network\Expected;
use Bouclier\Core\Network\Tripping;
use Bouclier\Core\Network\TripTime;

/**
 * What instruments should show at one outlet if all is well, what they did show, and what leaks through the devices that protect it.
 *
 * @phpstan-import-type LampsLit from SweepSheet
 * @phpstan-type BudgetPart array{
 *     id: string,
 *     name: string,
 *     at: string|null,
 *     isCable: bool,
 *     measured: bool,
 *     resistiveMa: float,
 *     capacitiveMa: float,
 *     ma: float,
 * }
 * @phpstan-type Budget array{
 *     id: string,
 *     spoken: string,
 *     ma: float,
 *     // The same, as the electrical model has it at this supply.
 *     modelMa: float,
 *     resistiveMa: float,
 *     capacitiveMa: float,
 *     budgetMa: float,
 *     holdsMa: float,
 *     tripsMa: float,
 *     parts: list<BudgetPart>,
 * }
 * @phpstan-type CableClamp array{id: string, spoken: string, ma: float, hotMa: float}
 * @phpstan-type ReadLine array{read: string, expected: string|null, means: string|null, at: string|null, who: string|null}
 * @phpstan-type TripTimes array{
 *     tests: list<array{ms: float, ma: float, says: string, at: string|null, who: string|null}>,
 *     limit: list<array{ma: float, ms: float}>,
 * }
 * @phpstan-type MeasurePage array{
 *     point: string,
 *     isFed: bool,
 *     // What its breaker carries beside its rating, in words.
 *     circuit: string|null,
 *     supplyVolts: float,
 *     // Null where nothing is known to feed it: then nothing can be expected.
 *     lamps: LampsLit|null,
 *     // Null between two that float: a high-impedance meter shows anything.
 *     volts: array{hn: float|null, hg: float|null, ng: float|null}|null,
 *     // What a meter shows there, in words.
 *     floating: string,
 *     cables: list<CableClamp>,
 *     // Along the run from the breaker: feet from the panel, and volts with what runs.
 *     profile: list<array{code: string, ft: float, volts: float}>,
 *     // The last first; `means` is null where it agrees with what was expected.
 *     read: list<ReadLine>,
 *     budgets: list<Budget>,
 *     // Of a GFCI: its trip times beside the limit.
 *     trips: TripTimes|null,
 * }
 */
final readonly class MeasureSheet
{
    private FeedMap $feeds;

    private Expected $expected;

    private function __construct(
        private House $house,
        private Point $point,
    ) {
        $this->feeds = new FeedMap($house);
        $this->expected = new Expected($house, $this->feeds);
    }

    /** @return MeasurePage */
    public static function of(House $house, Point $point): array
    {
        $sheet = new self($house, $point);
        // What nothing is known to feed is expected to show nothing: not even zero.
        $isFed = $sheet->feeds->feed($point)->origins !== [];
        $lamps = $sheet->expected->lampsAt($point);
        $volts = $sheet->volts();
        $guards = $sheet->feeds->guards($point, Protection::Gfci);
        $circuit = $sheet->feeds->feed($point)->circuit;

        return [
            'point' => $point->id,
            'isFed' => $isFed,
            'circuit' => $circuit === null
                ? null
                : "Breaker {$circuit->slot} {$circuit->label} " . BreakerLoad::say($sheet->expected->ampsOf($circuit), $circuit->amps),
            'supplyVolts' => $house->supplyVolts(),
            'lamps' => $isFed && $point->takesUsualPlugs() ? ['hn' => $lamps->hn, 'hg' => $lamps->hg, 'ng' => $lamps->ng] : null,
            'volts' => $isFed ? $volts : null,
            'floating' => Compared::whatFloats(),
            'cables' => array_map($sheet->cable(...), $sheet->feeds->cablesAt($point)),
            'profile' => array_map(
                fn(array $at): array => ['code' => $at[0]->code, 'ft' => round($at[1], 1), 'volts' => round($at[2], 2)],
                $sheet->expected->profile($point),
            ),
            'read' => $sheet->read(),
            'budgets' => array_map($sheet->budget(...), $guards),
            'trips' => $point->device->givesGfci() ? $sheet->trips() : null,
        ];
    }

    /** @return array{hn: float|null, hg: float|null, ng: float|null} null between two that float */
    private function volts(): array
    {
        return array_map(
            fn(?float $volts): ?float => $volts === null ? null : round($volts, 1),
            $this->expected->meterAt($this->point),
        );
    }

    /** @return CableClamp */
    private function cable(Cable $cable): array
    {
        $from = $cable->from instanceof CableEnd ? $this->house->point($cable->from->point)->code : 'its breaker';
        $clamp = $this->expected->clampOn($cable);

        return [
            'id' => $cable->id,
            'spoken' => $cable->to->point === $this->point->id ? "from $from" : "to {$this->house->point($cable->to->point)->code}",
            'ma' => round($clamp['ma'], 2),
            'hotMa' => round($clamp['hot'], 1),
        ];
    }

    /** @return list<ReadLine> meter readings here, the last first, each beside what was to be expected */
    private function read(): array
    {
        $volts = $this->volts();
        $isFed = $this->feeds->feed($this->point)->origins !== [];
        $cables = array_column($this->feeds->cablesAt($this->point), null, 'id');
        $read = [];
        foreach (array_reverse($this->house->entries->all(MeterReading::class)) as $entry) {
            if ($entry->point !== $this->point->id) {
                continue;
            }
            $between = $entry->between?->value;
            if ($entry->volts !== null && $between !== null && array_key_exists($between, $volts)) {
                $compared = $isFed && $volts[$between] === null
                    ? Compared::floating($between, $entry->volts)
                    : Compared::volts($between, $entry->volts, $isFed ? $volts[$between] : null, $this->house->supplyVolts());
                $read[] = self::line($entry, $compared);
            }
            if ($entry->ma !== null && isset($cables[$entry->cable])) {
                $read[] = self::line($entry, Compared::clamp($entry->ma, $this->expected->clampOn($cables[$entry->cable])['ma']));
            }
        }

        return array_slice($read, 0, 8);
    }

    /** @return ReadLine */
    private static function line(MeterReading $entry, Compared $compared): array
    {
        return [
            'read' => $compared->read,
            'expected' => $compared->expected,
            'means' => $compared->means,
            'at' => $entry->atTime,
            'who' => $entry->who,
        ];
    }

    /** @return Budget */
    private function budget(Guard $guard): array
    {
        $leakage = ZoneLeakage::of($guard, new Zones($this->feeds), $this->feeds);
        $parts = $leakage->parts;
        usort($parts, fn(LeakagePart $one, LeakagePart $other): int => $other->milliamperes() <=> $one->milliamperes());

        return [
            'id' => $guard->id(),
            'spoken' => $guard->spoken(),
            'ma' => round($leakage->milliamperes(), 2),
            'modelMa' => round($this->expected->residualOf($guard->id()), 2),
            'resistiveMa' => round($leakage->resistiveMa(), 2),
            'capacitiveMa' => round($leakage->capacitiveMa(), 2),
            'budgetMa' => LeakageBudget::for($this->house),
            'holdsMa' => Tripping::HOLDS_MA,
            'tripsMa' => Tripping::TRIPS_MA,
            'parts' => array_map($this->part(...), $parts),
        ];
    }

    /** @return BudgetPart */
    private function part(LeakagePart $part): array
    {
        $of = $part->of;
        $at = $of instanceof Appliance ? $of->at : $of->to->point;

        return [
            'id' => $of->id,
            'name' => $of instanceof Appliance ? $of->name : 'cable to ' . $this->house->point($of->to->point)->code,
            'at' => $at === null ? null : $this->house->point($at)->code,
            'isCable' => $of instanceof Cable,
            'measured' => $of instanceof Appliance && $of->measured === true,
            'resistiveMa' => round($part->resistiveMa, 3),
            'capacitiveMa' => round($part->capacitiveMa, 3),
            'ma' => round($part->milliamperes(), 2),
        ];
    }

    /** @return TripTimes trip times of this device beside the limit */
    private function trips(): array
    {
        $tests = [];
        $ma = Tripping::buttonMa($this->house->supplyVolts());
        foreach ($this->house->entries->all(DeviceTest::class) as $test) {
            if ($test->point === $this->point->id && $test->tripMs !== null) {
                $tests[] = [
                    'ms' => $test->tripMs,
                    'ma' => round($ma, 2),
                    'says' => TripTime::say($test->tripMs, $ma),
                    'at' => $test->atTime,
                    'who' => $test->who,
                ];
            }
        }
        $curve = array_map(fn(int $step): float => 6.0 * (300.0 / 6.0) ** ($step / 40.0), range(0, 40));

        return [
            'tests' => array_reverse($tests),
            'limit' => array_map(
                fn(float $ma): array => ['ma' => round($ma, 2), 'ms' => round(1000.0 * (TripTime::limitSeconds(max(6.0, $ma)) ?? 0.0), 1)],
                $curve,
            ),
        ];
    }
}
