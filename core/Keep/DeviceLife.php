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
     * @param string|null $lastTested ISO 8601
     * @param bool $hasFailed whether its own TEST, the last time, opened nothing or did not come back
     * @param list<float> $times milliseconds it took, each time it was timed
     * @param list<DeviceEvent> $events the last first
     */
    private function __construct(
        public Point|Circuit $device,
        public ?DeviceAge $age,
        public ?string $replaceOn,
        public ?string $sooner,
        public ?string $lastTested,
        public bool $hasFailed,
        public array $times,
        public array $events,
    ) {
    }

    /** @return list<self> of each device of the house, in walking order */
    public static function all(House $house, ReplacementRule $rule): array
    {
        $failed = [];
        foreach (DeviceTested::last($house) as $test) {
            if ($test->opened === false || $test->held === false) {
                $failed[$test->at] = true;
            }
        }

        return array_map(fn(Point|Circuit $device): self => new self(
            $device,
            DeviceAge::of($device),
            $rule->dueOn($house, $device),
            $rule->yearsFor($house, $device)[1],
            LastTested::of($house, $device),
            isset($failed[$device->id]),
            DeviceTested::times($house, $device->id),
            self::events($house, $device->id),
        ), ProtectiveDevices::of($house));
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
