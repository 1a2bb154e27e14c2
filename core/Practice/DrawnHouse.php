<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\House\ApplianceClass;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\Leg;
use Bouclier\Core\House\Workmanship;

/**
 * A house drawn to practise on: a circuit of 3 to 16 outlets through a few rooms, which the call is about, and one beside it. What is drawn
 * depends on what is to be hidden only as far as that needs it: much that leaks, loads that are large, cable that is long.
 */
final class DrawnHouse
{
    public const LEAST = 3;
    public const MOST = 16;

    /** Rooms a circuit goes through, with how wet they are. */
    private const ROOMS = [
        ['K', 'Kitchen', AreaKind::Kitchen, Exposure::Dry], ['B', 'Bath', AreaKind::Bathroom, Exposure::Damp],
        ['G', 'Garage', AreaKind::Garage, Exposure::Damp], ['O', 'Outside', AreaKind::Outdoors, Exposure::Wet],
        ['L', 'Living room', AreaKind::Living, Exposure::Dry], ['U', 'Laundry', AreaKind::Laundry, Exposure::Damp],
        ['R', 'Bedroom', AreaKind::Bedroom, Exposure::Dry], ['C', 'Cellar', AreaKind::Basement, Exposure::Damp],
    ];

    private const THINGS = [
        ['Kettle', ApplianceClass::HeatingElement], ['Toaster', ApplianceClass::HeatingElement], ['Fan', ApplianceClass::Motor],
        ['Mixer', ApplianceClass::Motor], ['Computer', ApplianceClass::Electronic], ['Radio', ApplianceClass::Electronic],
        ['Washer', ApplianceClass::WaterHandling], ['Pump', ApplianceClass::WaterHandling], ['Phone charger', ApplianceClass::Charger],
        ['Bike charger', ApplianceClass::Charger], ['Freezer', ApplianceClass::Refrigeration],
        ['Wine cooler', ApplianceClass::Refrigeration],
    ];

    public readonly Sketch $sketch;

    /** @var list<string> */
    private array $outlets = [];

    /** @var list<string> those with a device that watches */
    public array $devices = [];

    /** @var list<string> cables of the run that leave such a device */
    public array $leaving = [];

    /** @var list<string> */
    private array $beside = [];

    /** @var list<string> */
    private array $things = [];

    /** @var list<string> things on a cord set */
    public array $corded = [];

    public readonly bool $isShared;

    public readonly BreakerType $breaker;

    public function __construct(private readonly CaseKind $kind, int $outlets, private readonly DrawnFrom $from, string $name)
    {
        $this->sketch = new Sketch($name, Edition::Nec2020);
        $this->isShared = $kind === CaseKind::SharedNeutral;
        $this->breaker = match ($kind) {
            CaseKind::SharedNeutral => BreakerType::Gfci,
            CaseKind::Arc => $from->any([BreakerType::Afci, BreakerType::Dual]),
            CaseKind::UpstreamTripped, CaseKind::ReversedLineLoad, CaseKind::SplitPair, CaseKind::Bootleg => BreakerType::Standard,
            default => $from->once(5) ? BreakerType::Gfci : ($from->once(4) ? BreakerType::Dual : BreakerType::Standard),
        };
        $this->circuits();
        $this->run($outlets);
        $this->others();
        $this->plugIn();
    }

    /** @return non-empty-list<string> outlets of the circuit the call is about, in the order they were drawn */
    public function outlets(): array
    {
        return self::some($this->outlets);
    }

    /** @return non-empty-list<string> outlets of the circuit beside it */
    public function beside(): array
    {
        return self::some($this->beside);
    }

    /** @return non-empty-list<string> what is plugged in on the circuit the call is about */
    public function things(): array
    {
        return self::some($this->things);
    }

    /**
     * @param list<string> $drawn
     *
     * @return non-empty-list<string>
     */
    private static function some(array $drawn): array
    {
        return $drawn === [] ? throw new \LogicException('nothing was drawn') : $drawn;
    }

    private function circuits(): void
    {
        $amps = $this->kind === CaseKind::Overload ? 15.0 : (float) $this->from->any([15, 20]);
        $other = $this->isShared ? 'c2' : null;
        $this->sketch->circuit('c1', 'Outlets 1', $amps, $this->breaker, $other, together: false)
            ->circuit(
                'c2',
                'Outlets 2',
                $amps,
                $this->isShared ? $this->breaker : BreakerType::Standard,
                $this->isShared ? 'c1' : null,
                together: false,
                leg: Leg::B,
            );
    }

    private function run(int $outlets): void
    {
        $hasDevice = $this->breaker === BreakerType::Standard;
        $first = $outlets > 3 ? $this->from->whole(0, 1) : 0;
        $rooms = self::ROOMS;
        $start = $this->from->whole(0, count($rooms) - 1);
        $each = max(1, (int) ceil($outlets / 4));
        for ($k = 0; $k < $outlets; ++$k) {
            [$code, $room, $kind, $exposure] = $rooms[($start + intdiv($k, $each)) % count($rooms)];
            $this->sketch->room($code, $room, $kind);
            $isDevice = $hasDevice && $k === $first;
            $before = match (true) {
                $k === 0 => 'c1',
                // A branch now and then.
                $k > 2 && $this->from->once(5) => 'k' . $this->from->whole(max(0, $k - 3), $k - 2),
                default => 'k' . ($k - 1),
            };
            $this->sketch->outlet(
                "k$k",
                $code,
                "$room " . ($k % $each + 1),
                $before,
                (float) ($this->kind === CaseKind::LongCable
                    ? intdiv($this->from->whole(4800, 6500), $outlets)
                    : $this->from->whole(6, 45)),
                $isDevice ? Device::Gfci : Device::Standard,
                exposure: $this->from->once(3) ? Exposure::Dry : $exposure,
                workmanship: $this->from->any([Workmanship::Unknown, Workmanship::Original, Workmanship::Disturbed]),
            );
            $this->outlets[] = "k$k";
            $this->devices = $isDevice ? [...$this->devices, "k$k"] : $this->devices;
            $this->leaving = in_array($before, $this->devices, true) ? [...$this->leaving, Sketch::cable("k$k")] : $this->leaving;
        }
    }

    private function others(): void
    {
        $this->sketch->room('H', 'Hall', AreaKind::Hallway);
        foreach (range(0, $this->from->whole(1, 2)) as $k) {
            $this->sketch->outlet(
                "m$k",
                'H',
                'Hall ' . ($k + 1),
                $k === 0 ? 'c2' : 'm' . ($k - 1),
                (float) $this->from->whole(10, 50),
                $k === 0 && ! $this->isShared ? Device::Gfci : Device::Standard,
            );
            $this->beside[] = "m$k";
        }
        if ($this->isShared) {
            $this->sketch->sharedNeutral('k0', 'c1', 'c2', 'm0');
        }
    }

    private function plugIn(): void
    {
        $adds = $this->kind === CaseKind::HonestSum;
        $things = self::THINGS;
        foreach (range(1, $adds ? $this->from->whole(11, 12) : $this->from->whole(2, 5)) as $k) {
            $number = $this->from->whole(0, count($things) - 1);
            [$name, $class] = $things[$number];
            array_splice($things, $number, 1);
            $cord = $this->from->once(3) || ($k === 1 && $this->kind === CaseKind::LeakingCord);
            $share = $adds ? $this->from->whole(94, 100) / 100 : $this->from->whole(0, 100) / 100;
            [[$least, $most], [$leastAcross, $mostAcross]] = $class->ranges();
            $this->sketch->plugged(
                "a$k",
                $name,
                $this->from->any($this->outlets()),
                (float) match (true) {
                    $this->kind === CaseKind::Overload => $this->from->whole(700, 1500),
                    $adds => $this->from->whole(20, 150),
                    default => $this->from->whole(20, 700),
                },
                $class,
                ! $this->from->once(3),
                $cord,
                [round($least + $share * ($most - $least), 3), round($leastAcross + $share * ($mostAcross - $leastAcross), 3)],
                $this->from->once(3),
            );
            $this->things[] = "a$k";
            $this->corded = $cord ? [...$this->corded, "a$k"] : $this->corded;
        }
        if ($this->isShared) {
            // What runs on the other half is what one pole alone misses.
            $this->sketch->plugged('b1', 'Heater', 'm0', 900.0, ApplianceClass::HeatingElement, false);
        }
    }
}
