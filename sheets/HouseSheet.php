<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Concerns\Concern;
use Bouclier\Core\CodeBook\Concerns\Concerns;
use Bouclier\Core\CodeBook\Concerns\Urgency;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\Nec\Section210_12\Duty;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\RoomReach;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\House\OutletName;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Work;
use Bouclier\Core\Keep\ReplacementRule;
use Bouclier\Core\Prove\TestRound;
use Bouclier\Core\Prove\ToSee;
use Bouclier\Core\Survey\Ghost;
use Bouclier\Core\Survey\Ghosts;
use Bouclier\Core\Survey\Rating;
use Bouclier\Core\Survey\Taps;

/**
 * What the house page shows, ready to draw: the house, its rooms with their reach, and every outlet judged.
 *
 * @phpstan-import-type Outlet from OutletSheet
 * @phpstan-type ConcernShown array{
 *     id: string,
 *     urgency: value-of<Urgency>,
 *     urgencyName: string,
 *     hazard: value-of<Hazard>,
 *     hazardName: string,
 *     clause: string|null,
 *     what: string,
 *     // What mends all of it, where the line itself does not say.
 *     cure: string|null,
 *     points: list<string>,
 *     // It goes when the runs are known.
 *     trace: bool,
 * }
 * @phpstan-type FixtureShown array{id: string, kind: value-of<FixtureKind>, label: string}
 * @phpstan-type GhostShown array{
 *     serves: value-of<Serves>,
 *     name: string,
 *     kind: value-of<PointKind>,
 *     // What a receptacle for it is usually rated, the likeliest first.
 *     amps: list<float>,
 *     fixture: string|null,
 *     ft: float|null,
 * }
 * @phpstan-type Room array{
 *     id: string,
 *     code: string,
 *     // Codes it had before, by which it is still found.
 *     formerCodes: list<string>,
 *     name: string,
 *     kind: string,
 *     areaKind: value-of<AreaKind>,
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
 *     // What such a room usually has and nobody has confirmed.
 *     ghosts: list<GhostShown>,
 *     // The code the next outlet gets, and the one a room like it would.
 *     nextCode: string,
 *     likeCode: string,
 * }
 * @phpstan-type Item array{
 *     // Its id in the house file, by which it is closed.
 *     id: string,
 *     text: string,
 *     source: string|null,
 *     clause: string|null,
 *     interim: string|null,
 *     // The outlet it is about.
 *     point: string|null,
 *     due: string|null,
 *     who: string|null,
 *     at: string|null,
 *     closedAt: string|null,
 *     closedBy: string|null,
 *     evidence: string|null,
 * }
 * @phpstan-type Proving array{left: int, failed: int, of: int}
 * @phpstan-type JudgedHouse array{
 *     rooms: list<Room>,
 *     // Everything found by what has to be done about it, the worst first; and the ids of the three worst.
 *     concerns: list<ConcernShown>,
 *     worst: list<string>,
 *     // What is still to be done, and what was closed with evidence.
 *     items: list<Item>,
 *     // Facts the verdicts rest on and nobody has recorded, each once.
 *     granted: int,
 *     // Where in the first panel a breaker can still go.
 *     freeSlots: list<int>,
 *     // The test round after the work; null where nothing was touched.
 *     proving: Proving|null,
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
 *     // The day of the permit, which decides deferrals.
 *     permitDate: string|null,
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
    private OutletSheet $outlets;

    /** @var list<ToSee> of the test round */
    private array $steps;

    /** @param list<PointAssessment> $judged the points of what is shown */
    private function __construct(
        private House $house,
        private FeedMap $feeds,
        Assess $assess,
        private array $judged,
        string $today,
        ?ReplacementRule $rule,
    ) {
        $this->steps = TestRound::of($house);
        $this->outlets = new OutletSheet($house, $feeds, $assess, $judged, $today, TestRound::states($this->steps), $rule);
    }

    /**
     * What follows from the house and the day, for devices grow old: whoever asks.
     *
     * @param string $today a date
     * @param ReplacementRule|null $rule at what age devices are replaced, where that is to be said
     * @param (\Closure(): void)|null $between called after each outlet and room; by throwing there, one whose answer nobody waits for any
     *        more ends it
     *
     * @return JudgedHouse
     */
    public static function of(House $house, string $today, ?ReplacementRule $rule = null, ?\Closure $between = null): array
    {
        $feeds = new FeedMap($house);
        $assess = new Assess($house, feeds: $feeds);
        $assessment = $assess->house($between);
        $sheet = new self($house, $feeds, $assess, $assessment->points, $today, $rule);
        $concerns = Concerns::of($assessment, $feeds);
        $rooms = [];
        foreach ($house->areas as $area) {
            $rooms[] = $sheet->room($area);
            if ($between !== null) {
                $between();
            }
        }

        return [
            'concerns' => array_map($sheet->concern(...), $concerns),
            'worst' => array_column(Concerns::worst($concerns), 'id'),
            'rooms' => $rooms,
            'items' => array_map(self::item(...), $house->entries->all(OpenItem::class)),
            'granted' => $sheet->granted(),
            'freeSlots' => Taps::freeSlots($house),
            'proving' => $sheet->steps === [] ? null : TestRound::standing($sheet->steps),
        ];
    }

    /**
     * Some rooms alone, judged as {@see self::of()} judges them, where the rest can wait.
     *
     * @param list<string> $areas their ids
     * @param string $today a date
     *
     * @return list<Room>
     */
    public static function rooms(House $house, array $areas, string $today, ?ReplacementRule $rule = null): array
    {
        $feeds = new FeedMap($house);
        $assess = new Assess($house, feeds: $feeds);
        $isIn = fn(string $area): bool => in_array($area, $areas, true);
        $points = array_values(array_filter($house->points, fn(Point $point): bool => $isIn($point->area)));
        $sheet = new self($house, $feeds, $assess, array_map($assess->point(...), $points), $today, $rule);

        return array_map($sheet->room(...), array_values(array_filter($house->areas, fn(Area $area): bool => $isIn($area->id))));
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
            'unit' => $house->code->unit()->value,
            'amendments' => count($house->code->amendments()),
            'jurisdiction' => self::jurisdiction($house),
            'work' => $house->work->value,
            'workName' => $house->work->label(),
            'permitDate' => $house->permitDate,
            'call' => OpenCall::isOpen($house) ? ['tests' => count(OpenCall::tests($house))] : null,
            ...$stored,
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
            'formerCodes' => $area->formerCodes(),
            'name' => $area->name,
            'kind' => $area->kind->label(),
            'areaKind' => $area->kind->value,
            'band' => $reach->band,
            'bandWhole' => $reach->whole,
            'afciBand' => $this->house->code->edition->isNec() && Duty::isListed($area) ? 'on the list of 210.12' : null,
            'clauses' => $reach->clauses,
            'limitsFt' => new ById($reach->limitsFt),
            'doorEnds' => $reach->doorEnds,
            'fixtures' => array_map(
                fn(Fixture $f): array => ['id' => $f->id, 'kind' => $f->kind->value, 'label' => $f->kind->label()],
                $area->fixtures(),
            ),
            'outlets' => array_map($this->outlets->of(...), $points),
            'ghosts' => array_map(self::ghost(...), Ghosts::in($this->house, $area)),
            'nextCode' => LocationCodes::nextIn($this->house, $area)[0],
            'likeCode' => LocationCodes::nextRoom($this->house, $area->code),
        ];
    }

    /** @return GhostShown */
    private static function ghost(Ghost $ghost): array
    {
        return [
            'serves' => $ghost->serves->value,
            'name' => OutletName::of($ghost->kind, $ghost->serves),
            'kind' => $ghost->kind->value,
            'amps' => Rating::usual($ghost->serves),
            'fixture' => $ghost->fixture,
            'ft' => $ghost->ft,
        ];
    }

    /** @return ConcernShown */
    private function concern(Concern $concern): array
    {
        return [
            'id' => $concern->id,
            'urgency' => $concern->urgency->value,
            'urgencyName' => $concern->urgency->label(),
            'hazard' => $concern->hazard->value,
            'hazardName' => $concern->hazard->label(),
            'clause' => $concern->clause,
            'what' => $concern->what,
            'cure' => $concern->cure,
            'points' => $concern->points,
            'trace' => $concern->isTraced,
        ];
    }

    /** @return Item */
    private static function item(OpenItem $item): array
    {
        return [
            'id' => $item->id ?? '',
            'text' => $item->text,
            'source' => $item->source,
            'clause' => $item->clause,
            'interim' => $item->interim,
            'point' => $item->point,
            'due' => $item->due,
            'who' => $item->who,
            'at' => $item->atTime,
            'closedAt' => $item->closedAt,
            'closedBy' => $item->closedBy,
            'evidence' => $item->evidence,
        ];
    }

    private function granted(): int
    {
        $facts = [];
        foreach ($this->judged as $point) {
            foreach ($point->granted as $granted) {
                $facts["{$granted->in} {$granted->id} {$granted->text}"] = true;
            }
        }

        return count($facts);
    }
}
