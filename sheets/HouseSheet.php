<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Assessment;
use Bouclier\Core\CodeBook\Demand;
use Bouclier\Core\CodeBook\Exemption;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\Nec\Section210_12\Duty;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\RoomReach;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Guard;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\DeviceAge;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Work;
use Bouclier\Core\Survey\OutletWords;

/**
 * What the house page shows, ready to draw: the house, its rooms with their reach, and every outlet judged.
 *
 * @phpstan-import-type TesterReading from SweepSheet
 * @phpstan-type Demanded array{clause: string, reason: string, fact: string, amended: string|null}
 * @phpstan-type GuardShown array{id: string, spoken: string, self: bool, breaker: bool}
 * @phpstan-type Judged array{
 *     verdict: value-of<Verdict>,
 *     verdictName: string,
 *     demands: list<Demanded>,
 *     exemptions: list<array{clause: string, by: string, why: string}>,
 *     guards: list<GuardShown>,
 *     // Why a guard that is there does not do.
 *     objections: list<string>,
 * }
 * @phpstan-type DistanceShown array{
 *     // Its place in the outlet's list in the house file.
 *     index: int,
 *     // As it stands in the house file, so that changing one thing loses nothing else.
 *     asWritten: array<string, mixed>,
 *     fixture: string,
 *     fixtureKind: value-of<FixtureKind>,
 *     fixtureName: string,
 *     room: string,
 *     ft: float,
 *     crosses: value-of<Crosses>,
 *     crossesName: string,
 * }
 * @phpstan-type PluggedIn array{
 *     id: string,
 *     name: string,
 *     watts: float|null,
 *     on: bool,
 *     critical: bool,
 *     class: string|null,
 *     // As clamped or written, else what its class typically leaks.
 *     leakMa: float,
 *     measured: bool,
 * }
 * @phpstan-type FindingShown array{
 *     id: string,
 *     severity: value-of<Severity>,
 *     clause: string|null,
 *     why: string,
 *     circuit: string|null,
 *     area: string|null,
 *     points: list<string>,
 * }
 * @phpstan-type Built array{name: string, field: 'tr'|'wr', has: bool|null, demands: list<Demanded>}
 * @phpstan-type Age array{years: string|null, rests: string|null, installedOn: string|null, selfTest: bool|null}
 * @phpstan-type Outlet array{
 *     id: string,
 *     code: string,
 *     name: string,
 *     kind: value-of<PointKind>,
 *     kindName: string,
 *     device: value-of<Device>,
 *     deviceName: string,
 *     serves: value-of<Serves>,
 *     servesName: string,
 *     amps: float,
 *     volts: float,
 *     circuit: string|null,
 *     // Whether its run is known back to a breaker.
 *     traced: bool,
 *     // The one that decides where the outlet stands on the ruler comes first.
 *     distances: list<DistanceShown>,
 *     gfci: Judged,
 *     afci: Judged,
 *     // What is to be built into the outlet itself.
 *     built: list<Built>,
 *     // The outlet as quick entry writes it, its code first.
 *     line: string,
 *     // The last tester reading of each half.
 *     readings: list<TesterReading>,
 *     // Of a protective device: how old it is as far as can be known, and on what that rests.
 *     age: Age|null,
 *     // What is plugged in here.
 *     appliances: list<PluggedIn>,
 *     findings: list<FindingShown>,
 * }
 * @phpstan-type FixtureShown array{id: string, kind: value-of<FixtureKind>, label: string}
 * @phpstan-type Room array{
 *     id: string,
 *     code: string,
 *     name: string,
 *     kind: string,
 *     // Which receptacles count wherever they are; null when distance alone decides.
 *     band: string|null,
 *     bandWhole: bool,
 *     afciBand: string|null,
 *     clauses: list<string>,
 *     // By the kind of fixture.
 *     limitsFt: ById<float>,
 *     doorEnds: bool,
 *     fixtures: list<FixtureShown>,
 *     outlets: list<Outlet>,
 * }
 * @phpstan-type Item array{
 *     // Its id in the house file, by which it is closed.
 *     id: string,
 *     text: string,
 *     source: string|null,
 *     // The outlet it is about.
 *     point: string|null,
 *     due: string|null,
 *     who: string|null,
 *     at: string|null,
 *     closedAt: string|null,
 *     closedBy: string|null,
 *     evidence: string|null,
 * }
 * @phpstan-type JudgedHouse array{
 *     rooms: list<Room>,
 *     // About circuits and rooms as a whole; those about one outlet are with it.
 *     findings: list<FindingShown>,
 *     // What is still to be done, and what was closed with evidence.
 *     items: list<Item>,
 * }
 * @phpstan-type Stored array{
 *     id: string,
 *     revision: int,
 *     lastChange: array{summary: string, who: string|null, at: string}|null,
 *     // What undo would turn back, null when there is nothing.
 *     undo: string|null,
 *     redo: string|null,
 * }
 * @phpstan-type HouseHead array{
 *     id: string,
 *     name: string,
 *     edition: value-of<Edition>,
 *     editionName: string,
 *     coreRulesOnly: bool,
 *     unit: 'ft'|'m',
 *     amendments: int,
 *     // The crew's jurisdiction the code was taken from.
 *     jurisdiction: string|null,
 *     work: value-of<Work>,
 *     workName: string,
 *     // The call that is open, with how many tests were done.
 *     call: array{tests: int}|null,
 *     revision: int,
 *     lastChange: array{summary: string, who: string|null, at: string}|null,
 *     // What undo would turn back, null when there is nothing.
 *     undo: string|null,
 *     redo: string|null,
 * }
 */
final readonly class HouseSheet
{
    private Assessment $assessment;

    /** @var array<PointAssessment> by point id */
    private array $judgedPoints;

    private OutletWords $words;

    /** @var array<list<TesterReading>> by point id */
    private array $sweep;

    private FeedMap $feeds;

    private function __construct(private House $house, private string $today)
    {
        $this->feeds = new FeedMap($house);
        $this->assessment = (new Assess($house, feeds: $this->feeds))->house();
        $judged = [];
        foreach ($this->assessment->points as $point) {
            $judged[$point->point->id] = $point;
        }
        $this->judgedPoints = $judged;
        $this->words = new OutletWords($house);
        $this->sweep = SweepSheet::of($house);
    }

    /**
     * What follows from the house and the day, for devices grow old: whoever asks.
     *
     * @param string $today a date
     *
     * @return JudgedHouse
     */
    public static function of(House $house, string $today): array
    {
        $sheet = new self($house, $today);

        return [
            'rooms' => array_map($sheet->room(...), $house->areas),
            'findings' => array_map(self::finding(...), $sheet->assessment->findings),
            'items' => array_map(self::item(...), $house->entries->all(OpenItem::class)),
        ];
    }

    /**
     * What stands above every view: which house by which code, and what undo would turn back.
     *
     * @param Stored $stored what is known of it where it is kept
     *
     * @return HouseHead
     */
    public static function head(House $house, array $stored): array
    {
        return [
            'name' => $house->name,
            'edition' => $house->code->edition->value,
            'editionName' => $house->code->edition->label(),
            'coreRulesOnly' => ! $house->code->edition->isNec(),
            'unit' => $house->code->edition->isMetric() ? 'm' : 'ft',
            'amendments' => count($house->code->amendments()),
            'jurisdiction' => self::jurisdiction($house),
            'work' => $house->work->value,
            'workName' => $house->work->label(),
            'call' => OpenCall::isOpen($house) ? ['tests' => count(OpenCall::tests($house))] : null,
            ...$stored,
        ];
    }

    /** @return list<PluggedIn> */
    private function pluggedIn(Point $point): array
    {
        $here = array_filter($this->house->appliances, fn(Appliance $appliance): bool => $appliance->at === $point->id);

        return array_values(array_map(fn(Appliance $appliance): array => [
            'id' => $appliance->id,
            'name' => $appliance->name,
            'watts' => $appliance->watts,
            'on' => $appliance->isOn(),
            'critical' => $appliance->critical === true,
            'class' => $appliance->class,
            'leakMa' => round(hypot($appliance->leaks()->resistiveMa ?? 0.0, $appliance->leaks()->capacitiveMa ?? 0.0), 2),
            'measured' => $appliance->measured === true,
        ], $here));
    }

    /** @return Age|null null for what is no protective device */
    private function age(Point $point): ?array
    {
        if (! $point->device->feedsThrough()) {
            return null;
        }
        $age = DeviceAge::of($point);

        return [
            'years' => $age?->yearsOn($this->today),
            'rests' => $age?->rests,
            'installedOn' => $point->installedOn,
            'selfTest' => $point->selfTest,
        ];
    }

    /** The name of the crew's jurisdiction the code was taken from. */
    private static function jurisdiction(House $house): ?string
    {
        $named = $house->code->x->jurisdiction ?? null;

        return is_string($named) ? $named : null;
    }

    /** @return Room */
    private function room(Area $area): array
    {
        $points = array_values(array_filter($this->house->points, fn(Point $point): bool => $point->area === $area->id));
        $reach = RoomReach::of($this->house, $this->feeds, $area, $points[0] ?? null);

        return [
            'id' => $area->id,
            'code' => $area->code,
            'name' => $area->name,
            'kind' => $area->kind->label(),
            'band' => $reach->band,
            'bandWhole' => $reach->whole,
            'afciBand' => $this->house->code->edition->isNec() && Duty::isListed($area) ? 'listed room' : null,
            'clauses' => $reach->clauses,
            'limitsFt' => new ById($reach->limitsFt),
            'doorEnds' => $reach->doorEnds,
            'fixtures' => array_map(
                fn(Fixture $f): array => ['id' => $f->id, 'kind' => $f->kind->value, 'label' => $f->kind->label()],
                $area->fixtures(),
            ),
            'outlets' => array_map($this->outlet(...), $points),
        ];
    }

    /** @return Outlet */
    private function outlet(Point $point): array
    {
        $judged = $this->judgedPoints[$point->id];
        $feed = $this->feeds->feed($point);
        $circuit = $feed->circuit;

        return [
            'id' => $point->id,
            'code' => $point->code,
            'name' => $point->name,
            'kind' => $point->kind->value,
            'kindName' => $point->kind->label(),
            'device' => $point->device->value,
            'deviceName' => $point->device->label(),
            'serves' => $point->serves()->value,
            'servesName' => $point->serves()->label(),
            'amps' => $point->amps(),
            'volts' => $point->volts(),
            'circuit' => $circuit === null ? null : "{$circuit->slot} {$circuit->label}",
            'traced' => $feed->origins !== [],
            'distances' => $this->distances($point),
            'gfci' => $this->judged($judged, Protection::Gfci),
            'afci' => $this->judged($judged, Protection::Afci),
            'built' => [...$this->built($judged, 'tr', $point->tr), ...$this->built($judged, 'wr', $point->wr)],
            'line' => "{$point->code} {$this->words->of($point)}",
            'readings' => $this->sweep[$point->id] ?? [],
            'age' => $this->age($point),
            'appliances' => $this->pluggedIn($point),
            'findings' => array_map(self::finding(...), $judged->findings),
        ];
    }

    /**
     * The way to the nearest water first, a way that is barred last: the first is where the outlet stands on the ruler.
     *
     * @return list<DistanceShown>
     */
    private function distances(Point $point): array
    {
        $ways = $point->distances();
        uasort(
            $ways,
            fn(Distance $a, Distance $b): int => [
                $a->crosses() === Crosses::Barrier,
                $a->ft,
            ] <=> [$b->crosses() === Crosses::Barrier, $b->ft],
        );

        return array_map($this->distance(...), array_keys($ways), array_values($ways));
    }

    /** @return DistanceShown */
    private function distance(int $index, Distance $distance): array
    {
        return [
            'index' => $index,
            'asWritten' => PartForm::write($distance),
            'fixture' => $distance->fixture,
            'fixtureKind' => $this->house->fixture($distance->fixture)->kind->value,
            'fixtureName' => $this->house->fixture($distance->fixture)->kind->label(),
            'room' => $this->house->areaOfFixture($distance->fixture)->code,
            'ft' => $distance->ft,
            'crosses' => $distance->crosses()->value,
            'crossesName' => $distance->crosses()->label(),
        ];
    }

    /** @return Demanded */
    private static function demand(Demand $demand): array
    {
        return [
            'clause' => $demand->clause,
            'reason' => $demand->reason,
            'fact' => $demand->fact,
            'amended' => $demand->amendment === null
                ? null
                : implode(
                    ', ',
                    array_filter([$demand->amendment->author, $demand->amendment->date, $demand->amendment->source], is_string(...)),
                ),
        ];
    }

    /** @return Judged */
    private function judged(PointAssessment $judged, Protection $protection): array
    {
        return [
            'verdict' => $judged->verdict($protection)->value,
            'verdictName' => $judged->verdict($protection)->label(),
            'demands' => array_map(self::demand(...), $judged->demandsFor($protection)),
            'exemptions' => array_values(array_map(
                fn(Exemption $e): array => ['clause' => $e->clause, 'by' => $e->by, 'why' => $e->why],
                array_filter($judged->exemptions, fn(Exemption $e): bool => $e->from === $protection),
            )),
            'guards' => array_map(fn(Guard $guard): array => [
                'id' => $guard->id(),
                'spoken' => $guard->spoken(),
                'self' => $guard->by === $judged->point,
                'breaker' => $guard->isBreaker(),
            ], $judged->guards($protection)),
            'objections' => $judged->objections($protection),
        ];
    }

    /**
     * What is built into the outlet itself, where it is asked for.
     *
     * @param 'tr'|'wr' $field
     *
     * @return list<Built>
     */
    private function built(PointAssessment $judged, string $field, ?bool $has): array
    {
        $protection = Protection::from($field);
        $demands = array_map(self::demand(...), $judged->demandsFor($protection));

        return $demands === [] ? [] : [['name' => $protection->label(), 'field' => $field, 'has' => $has, 'demands' => $demands]];
    }

    /** @return FindingShown */
    private static function finding(Finding $finding): array
    {
        return [
            'id' => $finding->id, 'severity' => $finding->severity->value, 'clause' => $finding->clause, 'why' => $finding->why,
            'circuit' => $finding->circuit, 'area' => $finding->area, 'points' => $finding->points,
        ];
    }

    /** @return Item */
    private static function item(OpenItem $item): array
    {
        return [
            'id' => $item->id ?? '',
            'text' => $item->text,
            'source' => $item->source,
            'point' => $item->point,
            'due' => $item->due,
            'who' => $item->who,
            'at' => $item->atTime,
            'closedAt' => $item->closedAt,
            'closedBy' => $item->closedBy,
            'evidence' => $item->evidence,
        ];
    }
}
