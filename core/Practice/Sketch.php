<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\ApplianceClass;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\CableOrigin;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\CodeOfPlace;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Leakage;
use Bouclier\Core\House\Leg;
use Bouclier\Core\House\Panel;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Work;
use Bouclier\Core\House\Workmanship;

/**
 * A house to practise on, put together in short lines: rooms, circuits, outlets in the order they are fed, and what is plugged in. An
 * outlet and the cable that feeds it are one line; the cable is named after it (`w-k1` feeds `k1`).
 */
final class Sketch
{
    /** @var array<Area> by id */
    private array $areas = [];

    /** @var array<Circuit> by id */
    private array $circuits = [];

    /** @var array<Point> by id */
    private array $points = [];

    /** @var array<Cable> by id of the outlet it feeds */
    private array $cables = [];

    /** @var array<Appliance> by id, as they are */
    private array $appliances = [];

    /** @var array<bool> appliances whose leakage is known, by id */
    private array $measured = [];

    public function __construct(private readonly string $name, private readonly Edition $edition = Edition::Nec2020)
    {
    }

    public function room(string $code, string $name, AreaKind $kind): self
    {
        $this->areas[$code] = new Area($code, $code, $name, $kind);

        return $this;
    }

    /** @param string|null $shares the circuit it shares a neutral with; both then have one handle if `together` says so */
    public function circuit(
        string $id,
        string $label,
        float $amps = 20.0,
        BreakerType $breaker = BreakerType::Standard,
        ?string $shares = null,
        bool $together = true,
        Leg $leg = Leg::A,
    ): self {
        $this->circuits[$id] = new Circuit(
            $id,
            'main',
            (string) (2 * count($this->circuits) + 1),
            $label,
            $amps,
            120.0,
            1,
            $breaker,
            $leg,
            $shares,
            commonTrip: $shares !== null && $together ? true : null,
        );

        return $this;
    }

    /**
     * An outlet and the cable that feeds it.
     *
     * @param string $from a circuit, or the outlet it is fed from
     * @param float $ft length of the cable
     * @param Land $land how it leaves the outlet it is fed from
     */
    public function outlet(
        string $id,
        string $room,
        string $name,
        string $from,
        float $ft,
        Device $device = Device::Standard,
        Land $land = Land::Load,
        PointKind $kind = PointKind::Receptacle,
        Exposure $exposure = Exposure::Dry,
        Workmanship $workmanship = Workmanship::Unknown,
        ?bool $ground = null,
    ): self {
        $amps = $this->circuitOf($from)->amps;
        $number = count(array_filter($this->points, fn(Point $one): bool => $one->area === $room)) + 1;
        $this->points[$id] = new Point(
            $id,
            sprintf('%s-%02d', $room, $number),
            $room,
            $name,
            $kind,
            $kind === PointKind::Receptacle ? $device : Device::None,
            15.0,
            exposure: $exposure,
            accessible: true,
            workmanship: $workmanship,
        );
        $this->cables[$id] = new Cable(
            self::cable($id),
            isset($this->circuits[$from]) ? new CableOrigin([$from]) : new CableEnd($from, new Landing($land, $land)),
            new CableEnd($id, new Landing(Land::Line, Land::Line)),
            $amps > 15.0 ? 12 : 14,
            $ft,
            ground: $ground,
        );

        return $this;
    }

    /**
     * The first outlet of two circuits that share a neutral: both hots come to its box, and the second circuit goes on from there.
     *
     * @param string $other the first outlet of the other circuit
     */
    public function sharedNeutral(string $first, string $one, string $two, string $other): self
    {
        $this->points[$first] = $this->points[$first]->with(circuit: $one);
        $this->cables[$first] = $this->cables[$first]->with(from: new CableOrigin([$one, $two]), conductors: 3);
        $this->points[$other] = $this->points[$other]->with(circuit: $two);
        $this->cables[$other] = $this->cables[$other]->with(
            from: new CableEnd($first, new Landing(Land::Splice, Land::Splice)),
            conductors: 3,
        );

        return $this;
    }

    /**
     * Something plugged in.
     *
     * @param array{float, float}|null $leaks mA at 120 V in order, in phase and in quadrature; null for what its class does as a rule
     * @param bool $measured whether that is recorded, and not known to the model alone
     */
    public function plugged(
        string $id,
        string $name,
        string $at,
        float $watts,
        ApplianceClass $class,
        bool $on = true,
        bool $cord = false,
        ?array $leaks = null,
        bool $measured = false,
    ): self {
        $this->appliances[$id] = new Appliance(
            $id,
            $name,
            $at,
            $watts,
            on: $on,
            class: $class->value,
            extension: $cord,
            leakage: $leaks === null ? null : new Leakage(...$leaks),
            measured: $measured ? true : null,
        );
        $this->measured[$id] = $measured;

        return $this;
    }

    public static function cable(string $outlet): string
    {
        return "w-$outlet";
    }

    /** As somebody has recorded it: what appliances leak is not known unless it was measured. */
    public function recorded(): House
    {
        return $this->house(array_map(
            fn(Appliance $one): Appliance => $this->measured[$one->id] ? $one : $one->with(leakage: null),
            array_values($this->appliances),
        ));
    }

    /** As it is. */
    public function asItIs(): House
    {
        return $this->house(array_values($this->appliances));
    }

    /** @param list<Appliance> $appliances */
    private function house(array $appliances): House
    {
        return new House(
            $this->name,
            Work::Existing,
            new CodeOfPlace($this->edition),
            array_values($this->areas),
            [new Panel('main', 'Main')],
            array_values($this->circuits),
            array_values($this->points),
            array_values($this->cables),
            $appliances,
        );
    }

    private function circuitOf(string $from): Circuit
    {
        while (! isset($this->circuits[$from])) {
            $feed = ($this->cables[$from] ?? throw new \LogicException("nothing is fed from \"$from\""))->from;
            $from = $feed instanceof CableEnd ? $feed->point : $feed->circuits[0];
        }

        return $this->circuits[$from];
    }
}
