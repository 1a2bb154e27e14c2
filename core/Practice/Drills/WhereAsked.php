<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Drills;

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Demand;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\CableOrigin;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\CodeOfPlace;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Landing;
use Bouclier\Core\House\Panel;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Work;
use Bouclier\Core\Practice\DrawnFrom;

/** A room of new work, drawn as a shelf with distances and no verdicts: where does this edition ask for protection. */
final readonly class WhereAsked extends Drill
{
    private const NOTHING = 'Nothing';
    private const GFCI = 'GFCI';
    private const AFCI = 'AFCI';
    private const BOTH = 'GFCI and AFCI';

    /** Rooms, whether there is a sink in them, and what their outlets serve. */
    private const ROOMS = [
        [AreaKind::Kitchen, true, [Serves::Countertop, Serves::Refrigerator, Serves::General, Serves::Disposal]],
        [AreaKind::Bathroom, true, [Serves::Countertop, Serves::General]],
        [AreaKind::Garage, false, [Serves::General, Serves::GarageOpener]],
        [AreaKind::Bedroom, false, [Serves::General]],
        [AreaKind::Laundry, true, [Serves::Washer, Serves::General]],
        [AreaKind::Basement, true, [Serves::General, Serves::SumpPump]],
        [AreaKind::Living, true, [Serves::General]],
        [AreaKind::Outdoors, false, [Serves::General]],
        [AreaKind::Hallway, false, [Serves::General]],
    ];

    private const OUTLETS = 3;

    public static function name(): string
    {
        return 'where_asked';
    }

    public static function label(): string
    {
        return 'Where the code asks';
    }

    public static function means(): string
    {
        return 'A room of new work and an edition, no verdicts. Say of each outlet what must protect it.';
    }

    protected static function drawn(DrawnFrom $from): DrillBox
    {
        $edition = $from->any(Edition::cases());
        [$kind, $hasSink, $serve] = $from->any(self::ROOMS);
        $sink = new Fixture('s1', FixtureKind::Sink);
        $points = $cables = [];
        foreach (range(1, self::OUTLETS) as $number) {
            $ft = $from->whole(1, 18) / 2;
            $points[] = new Point(
                "o$number",
                "X-0$number",
                'x',
                '',
                PointKind::Receptacle,
                Device::Standard,
                15.0,
                serves: $from->any($serve),
                distances: $hasSink ? [new Distance($sink->id, $ft)] : null,
            );
            $cables[] = new Cable(
                "w$number",
                $number === 1 ? new CableOrigin(['c1']) : new CableEnd('o' . ($number - 1), Landing::both(Land::Load)),
                new CableEnd("o$number", Landing::both(Land::Line)),
                12,
                20.0,
            );
        }
        $house = new House(
            'A room',
            Work::New,
            new CodeOfPlace($edition),
            [new Area('x', 'X', $kind->label(), $kind, fixtures: $hasSink ? [$sink] : [])],
            [new Panel('main', 'Main')],
            [new Circuit('c1', 'main', '1', 'New', 20.0)],
            $points,
            $cables,
        );

        return new DrillBox(
            "{$kind->label()}, new work, {$edition->label()}. Circuit of 20 A, 120 V.",
            array_map(self::item(...), (new Assess($house))->house()->points),
            [self::NOTHING, self::GFCI, self::AFCI, self::BOTH],
        );
    }

    private static function item(PointAssessment $judged): DrillItem
    {
        $gfci = $judged->demandsFor(Protection::Gfci);
        $afci = $judged->demandsFor(Protection::Afci);
        $clauses = array_map(fn(Demand $one): string => "{$one->asksFor->label()}: {$one->clause}, {$one->fact}", [...$gfci, ...$afci]);
        $point = $judged->point;
        $distance = $point->distances[0] ?? null;

        return new DrillItem(
            $point->id,
            $point->serves?->label() ?? $point->code,
            $distance === null ? [] : ["{$distance->ft} ft from the sink, as the cord goes."],
            match (true) {
                $gfci !== [] && $afci !== [] => self::BOTH,
                $gfci !== [] => self::GFCI,
                $afci !== [] => self::AFCI,
                default => self::NOTHING,
            },
            $clauses === [] ? 'No clause of this edition asks for anything here.' : implode('; ', $clauses) . '.',
        );
    }
}
