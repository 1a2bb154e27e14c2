<?php

declare(strict_types=1);

namespace Bouclier\Core\Keep;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\Feed\Zones;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Day;
use Bouclier\Core\House\DeviceAge;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Manners;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;

/**
 * What is due in a house, and when: each protective device is tested monthly, as makers ask; one that is old enough is replaced; what was
 * left open has its date, and a trial its end.
 */
final readonly class DueDates
{
    private Zones $gfci;

    private Zones $afci;

    private Codes $codes;

    /** @var array<MonthlyTest> by device */
    private array $tests;

    private function __construct(private House $house, private string $today, private ReplacementRule $rule)
    {
        $feeds = new FeedMap($house);
        $this->gfci = new Zones($feeds);
        $this->afci = new Zones($feeds, Protection::Afci);
        $this->codes = new Codes($house);
        $this->tests = MonthlyTest::ofDevices($house);
    }

    /**
     * @param string $today ISO 8601, a day
     *
     * @return list<Due> by device in walking order, then what else is due
     */
    public static function of(House $house, string $today, ReplacementRule $rule = new ReplacementRule()): array
    {
        $dates = new self($house, $today, $rule);
        $devices = ProtectiveDevices::of($house);

        return [
            ...array_map($dates->test(...), $devices),
            ...array_values(array_filter(array_map($dates->replacement(...), $devices))),
            ...$dates->items(),
            ...$dates->trials(),
        ];
    }

    private function test(Point|Circuit $device): Due
    {
        $name = $this->name($device);
        $on = $this->tests[$device->id]->nextOn($this->today);

        return new Due(DueKind::Test, $device->id, $on, true, "Test $name", $this->howToTest($device));
    }

    private function howToTest(Point|Circuit $device): string
    {
        $guard = new Guard($device);
        $dead = array_unique(array_map(
            fn(Point $point): string => $point->id,
            [...$this->gfci->of($guard), ...$this->afci->of($guard)],
        ));
        $others = array_values(array_diff($dead, [$device->id]));
        $gone = ($device instanceof Circuit ? 'its handle goes to tripped' : 'it is dead') . match (true) {
            $others === [] => '',
            $device instanceof Circuit => ", and dead are {$this->codes->list($others)}",
            default => (count($others) === 1 ? ', and so is ' : ', and so are ') . $this->codes->list($others),
        };
        $reset = $device instanceof Point ? Manners::reset($device) : 'turn it fully off, then on, once';

        return "Press TEST: $gone. Then $reset: all are back. "
            . 'If it does not trip, or does not come back, leave it and call your electrician.';
    }

    private function replacement(Point|Circuit $device): ?Due
    {
        $on = $this->rule->dueOn($this->house, $device);
        if ($on === null || $on > $this->today) {
            return null;
        }
        [$years, $why] = $this->rule->yearsFor($this->house, $device);
        $age = DeviceAge::of($device)?->yearsOn($this->today) ?? '';
        $rule = "It is replaced after $years years" . ($why === null ? '.' : ", sooner than others: $why.");

        return new Due(DueKind::Replacement, $device->id, $on, false, "Replace {$this->name($device)} by its age", "Its age: $age. $rule");
    }

    /** @return list<Due> */
    private function items(): array
    {
        $due = [];
        foreach ($this->house->entries->all(OpenItem::class) as $place => $item) {
            if ($item->isOpen() && $item->due !== null) {
                $at = match (true) {
                    $item->point !== null => "{$this->codes->point($item->point)}: ",
                    $item->circuit !== null => "{$this->codes->circuit($item->circuit)}: ",
                    default => '',
                };
                $interim = $item->interim === null ? '' : "Until then: {$item->interim}.";
                $due[] = new Due(DueKind::Item, $item->id ?? (string) $place, $item->due, false, $at . $item->text, $interim);
            }
        }

        return $due;
    }

    /** @return list<Due> trials of the call that are not over: nothing came back of them */
    private function trials(): array
    {
        $due = [];
        foreach ($this->house->entries->all(TestDone::class) as $place => $test) {
            $days = $test->action->number('days');
            if ($test->action->text('do') === 'trial' && $test->reading->said() === [] && $days !== null && $test->atTime !== null) {
                $at = $test->action->spot('at');
                $where = $at === null ? '' : ' at ' . $this->codes->either($at->id());
                $due[] = new Due(
                    DueKind::Trial,
                    $test->id ?? (string) $place,
                    Day::after(substr($test->atTime, 0, 10), (int) $days),
                    false,
                    "The trial$where ends",
                    'How often it tripped is noted with the call.',
                );
            }
        }

        return $due;
    }

    private function name(Point|Circuit $device): string
    {
        return $device instanceof Point
            ? "{$device->device->label()} {$device->code}, {$device->name}"
            : "{$device->breaker()->label()} {$device->slot}, {$device->label}";
    }
}
