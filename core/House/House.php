<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

use Bouclier\Core\House\Entries\Entries;
use Bouclier\Core\House\Entries\Entry;

/**
 * One house, whole and immutable: what stands where, what feeds it, and what is plugged in.
 *
 * Every id in it has been checked by {@see HouseChecks}: references resolve, no point is fed twice, no cables run in a loop.
 * Ids may look like numbers, so array keys made of them are never used as ids: look up with the methods.
 */
final readonly class House
{
    /** @var array<Area> */
    private array $areasById;

    /** @var array<Panel> */
    private array $panelsById;

    /** @var array<Circuit> */
    private array $circuitsById;

    /** @var array<Point> */
    private array $pointsById;

    /** @var array<Cable> */
    private array $cablesById;

    /** @var array<Appliance> */
    private array $appliancesById;

    /** @var array<Fixture> */
    private array $fixturesById;

    /** @var array<Area> the area a fixture stands in, by the fixture's id */
    private array $areasByFixture;

    /**
     * @param list<Area> $areas
     * @param list<Panel> $panels
     * @param list<Circuit> $circuits
     * @param list<Point> $points
     * @param list<Cable> $cables
     * @param list<Appliance> $appliances
     * @param array<string, mixed> $sections further top-level keys of the file (demand, prices …), carried as they are
     * @param list<Loose>|null $faults what is to be simulated, where the file says it
     * @param list<Loose>|null $actions what is to be done in it
     * @param string|null $seed what ids of new parts are made from while a command is carried out ({@see FreeId}); in no file
     */
    public function __construct(
        public string $name,
        public Work $work,
        public CodeOfPlace $code,
        public array $areas = [],
        public array $panels = [],
        public array $circuits = [],
        public array $points = [],
        public array $cables = [],
        public array $appliances = [],
        public ?string $permitDate = null,
        public ?float $supplyVolts = null,
        public array $sections = [],
        public ?object $x = null,
        public Entries $entries = new Entries(),
        public Call $call = new Call(),
        public ?array $faults = null,
        public ?array $actions = null,
        public ?string $seed = null,
    ) {
        $this->areasById = array_column($areas, null, 'id');
        $this->panelsById = array_column($panels, null, 'id');
        $this->circuitsById = array_column($circuits, null, 'id');
        $this->pointsById = array_column($points, null, 'id');
        $this->cablesById = array_column($cables, null, 'id');
        $this->appliancesById = array_column($appliances, null, 'id');
        $fixtures = [];
        $homes = [];
        foreach ($areas as $area) {
            foreach ($area->fixtures() as $fixture) {
                $fixtures[$fixture->id] = $fixture;
                $homes[$fixture->id] = $area;
            }
        }
        $this->fixturesById = $fixtures;
        $this->areasByFixture = $homes;
    }

    public function area(string $id): Area
    {
        return $this->areasById[$id] ?? throw new NotThere('area', $id);
    }

    public function areaOf(Point $point): Area
    {
        return $this->area($point->area);
    }

    public function panel(string $id): Panel
    {
        return $this->panelsById[$id] ?? throw new NotThere('panel', $id);
    }

    public function circuit(string $id): Circuit
    {
        return $this->circuitsById[$id] ?? throw new NotThere('circuit', $id);
    }

    public function point(string $id): Point
    {
        return $this->pointsById[$id] ?? throw new NotThere('point', $id);
    }

    /** @return non-empty-list<Circuit> a circuit and the feeders above it, nearest first: switching any of them off takes it along */
    public function withFeeders(Circuit $circuit): array
    {
        $chain = [$circuit];
        while (count($chain) <= count($this->panels) && ($feeder = $this->panel($circuit->panel)->fedFrom) !== null) {
            $chain[] = $circuit = $this->circuit($feeder);
        }

        return $chain;
    }

    /** @return list<Circuit> a circuit and those of every panel it feeds, by way of others or not */
    public function fedBy(Circuit $circuit): array
    {
        return array_values(
            array_filter(
                $this->circuits,
                fn(Circuit $one): bool => in_array(
                    $circuit->id,
                    array_map(fn(Circuit $feeder): string => $feeder->id, $this->withFeeders($one)),
                    true,
                ),
            ),
        );
    }

    /** The other half of a multiwire circuit whose protective breaker is one with this one's, of two poles; null where it is not. */
    public function onOneBreaker(Circuit $circuit): ?Circuit
    {
        $other = $circuit->commonTrip !== true || $circuit->multiwireWith === null ? null : $this->circuit($circuit->multiwireWith);

        return $other?->commonTrip === true && $other->multiwireWith === $circuit->id ? $other : null;
    }

    /** The circuit that shares a neutral with another, whichever of the two says so. */
    public function otherHalf(Circuit $circuit): ?Circuit
    {
        foreach ($this->circuits as $other) {
            if ($other->id === $circuit->multiwireWith || $other->multiwireWith === $circuit->id) {
                return $other;
            }
        }

        return null;
    }

    /** Whether a circuit's protective breaker has one pole on a neutral shared with another: it misses the current of the other half. */
    public function missesOtherHalf(Circuit $circuit): bool
    {
        return $this->otherHalf($circuit) !== null && $circuit->breaker()->isProtective() && $this->onOneBreaker($circuit) === null;
    }

    /** With one two-pole breaker on both halves of a multiwire circuit. */
    public function onTwoPoles(Circuit $circuit, BreakerType $breaker): self
    {
        $halves = [$circuit->id, $circuit->multiwireWith];

        return $this->with(circuits: array_map(
            fn(Circuit $one): Circuit => in_array($one->id, $halves, true) ? $one->with(breaker: $breaker, commonTrip: true) : $one,
            $this->circuits,
        ));
    }

    /** Whether one handle takes off both circuits; null where it is not recorded. */
    public function goOffTogether(Circuit $one, Circuit $other): ?bool
    {
        return match (true) {
            $this->onOneBreaker($one)?->id === $other->id,
            $one->handleTie === true && $other->handleTie === true,
            $one->poles() === 2 && $other->poles() === 2 => true,
            $one->handleTie === false || $other->handleTie === false => false,
            default => null,
        };
    }

    public function findCable(?string $id): ?Cable
    {
        return $id === null ? null : $this->cablesById[$id] ?? null;
    }

    public function findAppliance(?string $id): ?Appliance
    {
        return $id === null ? null : $this->appliancesById[$id] ?? null;
    }

    public function hasCircuit(string $id): bool
    {
        return isset($this->circuitsById[$id]);
    }

    public function hasPoint(string $id): bool
    {
        return isset($this->pointsById[$id]);
    }

    public function fixture(string $id): Fixture
    {
        return $this->fixturesById[$id] ?? throw new NotThere('fixture', $id);
    }

    public function areaOfFixture(string $fixtureId): Area
    {
        return $this->areasByFixture[$fixtureId] ?? throw new NotThere('fixture', $fixtureId);
    }

    public function withPoint(Point $point): self
    {
        return $this->with(points: array_map(fn(Point $p): Point => $p->id === $point->id ? $point : $p, $this->points));
    }

    public function withCable(Cable $cable): self
    {
        return $this->with(cables: array_map(fn(Cable $c): Cable => $c->id === $cable->id ? $cable : $c, $this->cables));
    }

    public function withCircuit(Circuit $circuit): self
    {
        return $this->with(circuits: array_map(fn(Circuit $c): Circuit => $c->id === $circuit->id ? $circuit : $c, $this->circuits));
    }

    public function withAppliance(Appliance $appliance): self
    {
        return $this->with(appliances: array_map(
            fn(Appliance $one): Appliance => $one->id === $appliance->id ? $appliance : $one,
            $this->appliances,
        ));
    }

    /** With something that was seen, tested, turned or noted, each with an id. */
    public function withEntry(Entry ...$entries): self
    {
        return $this->with(entries: $this->entries->added(...$entries));
    }

    /** Whether an appliance is built in or heavy: it is not carried to another outlet in a minute. */
    public function isHeavy(Appliance $appliance): bool
    {
        return $appliance->class === ApplianceClass::Refrigeration->value
            || ($appliance->at !== null && $this->point($appliance->at)->serves()->isHeavy());
    }

    /** Whether it is said that the house as it is drawn is not all of it. */
    public function isDrawnInPart(): bool
    {
        return ($this->sections['drawn'] ?? null) === 'part';
    }

    /** Volts from leg to neutral at the panel. */
    public function supplyVolts(): float
    {
        return $this->supplyVolts ?? 120.0;
    }

    /** Volts at the panel between the conductors of a circuit. */
    public function lineVolts(Circuit $circuit): float
    {
        return $this->supplyVolts() * ($circuit->isOfBothLegs() ? 2.0 : 1.0);
    }

    /**
     * Its parts by the name of their list in the house file.
     *
     * @return list<Area>|list<Panel>|list<Circuit>|list<Point>|list<Cable>|list<Appliance>
     */
    public function listed(string $list): array
    {
        return match ($list) {
            'areas' => $this->areas,
            'panels' => $this->panels,
            'circuits' => $this->circuits,
            'points' => $this->points,
            'cables' => $this->cables,
            'appliances' => $this->appliances,
            default => throw new \OutOfBoundsException("a house has no list \"$list\""),
        };
    }

    /**
     * The same house with some properties replaced: `with(work: Work::New)`.
     *
     * @param list<Circuit>|null $circuits
     * @param list<Point>|null $points
     * @param list<Cable>|null $cables
     * @param list<Area>|null $areas
     * @param list<Panel>|null $panels
     * @param list<Appliance>|null $appliances
     * @param list<Loose>|null $faults
     * @param list<Loose>|null $actions
     * @param array<string, mixed>|null $sections
     */
    public function with(
        ?Work $work = null,
        ?CodeOfPlace $code = null,
        ?array $circuits = null,
        ?array $points = null,
        ?array $cables = null,
        ?array $areas = null,
        ?array $appliances = null,
        ?Entries $entries = null,
        ?Call $call = null,
        ?array $faults = null,
        ?array $actions = null,
        ?string $permitDate = null,
        ?array $panels = null,
        ?array $sections = null,
    ): self {
        return new self(
            $this->name,
            $work ?? $this->work,
            $code ?? $this->code,
            $areas ?? $this->areas,
            $panels ?? $this->panels,
            $circuits ?? $this->circuits,
            $points ?? $this->points,
            $cables ?? $this->cables,
            $appliances ?? $this->appliances,
            $permitDate ?? $this->permitDate,
            $this->supplyVolts,
            $sections ?? $this->sections,
            $this->x,
            $entries ?? $this->entries,
            $call ?? $this->call,
            $faults ?? $this->faults,
            $actions ?? $this->actions,
            $this->seed,
        );
    }

    /** The house as a command finds it, or none any more. */
    public function seeded(?string $seed): self
    {
        return new self(
            $this->name,
            $this->work,
            $this->code,
            $this->areas,
            $this->panels,
            $this->circuits,
            $this->points,
            $this->cables,
            $this->appliances,
            $this->permitDate,
            $this->supplyVolts,
            $this->sections,
            $this->x,
            $this->entries,
            $this->call,
            $this->faults,
            $this->actions,
            $seed,
        );
    }
}
