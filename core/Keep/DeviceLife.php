<?php

declare(strict_types=1);

namespace Bouclier\Core\Keep;

use Bouclier\Core\Feed\Observed\DeviceTested;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\DeviceAge;
use Bouclier\Core\House\Entries\DeviceEvent;
use Bouclier\Core\House\Entries\DeviceEventKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Moment;
use Bouclier\Core\House\Point;

/** What is known of a protective device over the years: how old it is, what happened to it, and when it is due to be replaced. */
final readonly class DeviceLife
{
    /**
     * @param string|null $replaceOn ISO 8601, by its age and the crew's rule; null where its age is not known
     * @param string|null $sooner why sooner than others
     * @param MonthlyTest $test its monthly test
     * @param list<float> $times milliseconds it took, each time it was timed
     * @param list<DeviceEvent> $events the last first
     */
    private function __construct(
        public Point|Circuit $device,
        public ?DeviceAge $age,
        public ?string $replaceOn,
        public ?string $sooner,
        public MonthlyTest $test,
        public array $times,
        public array $events,
    ) {
    }

    /** @return list<self> of each device of the house, in walking order */
    public static function all(House $house, ReplacementRule $rule): array
    {
        $tests = MonthlyTest::ofDevices($house);

        return array_map(fn(Point|Circuit $device): self => new self(
            $device,
            DeviceAge::of($device),
            $rule->dueOn($house, $device),
            $rule->yearsFor($house, $device)[1],
            $tests[$device->id],
            DeviceTested::times($house, $device->id),
            self::events($house, $device->id),
        ), ProtectiveDevices::of($house));
    }

    /** How soon its age asks for another. */
    public function replacement(string $today): AgeAsks
    {
        return AgeAsks::of($this->replaceOn, $today);
    }

    /**
     * What it asks for, in words, the most urgent first.
     *
     * @param string $today ISO 8601, a day
     *
     * @return list<string>
     */
    public function asks(string $today): array
    {
        $sooner = $this->sooner === null ? '' : " ({$this->sooner})";

        return array_values(array_filter([
            $this->test->hasFailed ? 'failed its last test: replace it' : null,
            match ($this->replacement($today)) {
                AgeAsks::Now => "due to be replaced since {$this->replaceOn}$sooner",
                AgeAsks::ThisYear => "to be replaced this year, by {$this->replaceOn}$sooner",
                default => null,
            },
            match (true) {
                $this->test->hasFailed => null,
                $this->test->last === null => 'never tested',
                $this->test->isDue($today) => 'its monthly test is due',
                default => null,
            },
        ], is_string(...)));
    }

    /** What is looked after first: what failed, then what is too old, then what nobody has tested. */
    public static function first(self $one, self $other, string $today): int
    {
        $order = fn(self $life): array => [
            ! $life->test->hasFailed,
            $life->replacement($today) !== AgeAsks::Now,
            $life->replacement($today) !== AgeAsks::ThisYear,
            $life->test->last !== null,
            ! $life->test->isDue($today),
        ];

        return $order($one) <=> $order($other);
    }

    /** How often it tripped by what a call found, since it was put in. */
    public function trips(): int
    {
        $trips = 0;
        foreach ($this->events as $event) {
            if ($event->event->isAnotherDevice()) {
                break;
            }
            $trips += $event->event === DeviceEventKind::Tripped ? 1 : 0;
        }

        return $trips;
    }

    /** @return list<DeviceEvent> */
    private static function events(House $house, string $id): array
    {
        $events = array_values(array_filter(
            $house->entries->all(DeviceEvent::class),
            fn(DeviceEvent $event): bool => ($event->point ?? $event->circuit) === $id,
        ));
        usort($events, fn(DeviceEvent $one, DeviceEvent $other): int => (
            Moment::seconds($other->atTime) ?? 0
        ) <=> (Moment::seconds($one->atTime) ?? 0));

        return $events;
    }
}
