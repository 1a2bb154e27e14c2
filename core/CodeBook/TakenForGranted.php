<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\BreakerListing;
use Bouclier\Core\House\Choice;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\Fixture;
use Bouclier\Core\House\Grade;
use Bouclier\Core\House\GroundPath;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\Yoke;

/** What the verdicts at an outlet rest on and nobody has recorded: nothing favourable is assumed silently. */
final class TakenForGranted
{
    /** Rooms that are damp often enough to be asked. */
    private const MAY_BE_DAMP = [
        AreaKind::Basement, AreaKind::CrawlSpace, AreaKind::Garage, AreaKind::AccessoryBuilding, AreaKind::Boathouse, AreaKind::Attic,
        AreaKind::Utility, AreaKind::Laundry, AreaKind::Bathroom,
    ];

    /** Rooms that lie below grade often enough to be asked. */
    private const MAY_BE_BELOW = [AreaKind::Recreation, AreaKind::Family, AreaKind::Den, AreaKind::Utility, AreaKind::Similar];

    /** @return list<Granted> */
    public static function at(Site $site, PointAssessment $judged): array
    {
        return array_values(array_filter([
            ...self::assumed($site),
            self::ground($site),
            self::exposure($site),
            self::serves($site),
            self::accessible($site),
            ...self::distances($site, $judged),
            self::finished($site),
            self::grade($site, $judged),
            self::listing($site, $judged),
        ]));
    }

    /** @return list<Granted> what went with the breaker or with what it serves when it was entered */
    private static function assumed(Site $site): array
    {
        $point = $site->point;
        $circuit = $site->circuit();
        $by = $circuit === null ? 'by its size' : "by breaker {$circuit->slot}";
        $said = [
            'amps' => fn(): Granted => self::taken(
                $point,
                'amps',
                "Taken as {$point->amps()} A, $by.",
                "{$point->amps()} A",
                $point->amps(),
            ),
            'volts' => fn(): Granted => self::taken(
                $point,
                'volts',
                "Taken as {$point->volts()} V, $by.",
                "{$point->volts()} V",
                $point->volts(),
            ),
            'yoke' => fn(): Granted => self::choice('points', $point->id, 'yoke', "Taken as a single receptacle, $by.", ...Yoke::cases()),
            'kind' => fn(): Granted => self::choice(
                'points',
                $point->id,
                'kind',
                'Taken as hard-wired: a ' . mb_strtolower($point->serves()->label()) . ' rarely has a cord.',
                PointKind::Hardwired,
                PointKind::Receptacle,
            ),
        ];

        return array_map(
            fn(\Closure $granted): Granted => $granted(),
            array_values(array_intersect_key($said, array_flip($point->assumed()))),
        );
    }

    private static function taken(Point $point, string $field, string $text, string $label, float $value): Granted
    {
        return new Granted('points', $point->id, $field, $text, [$label => $value]);
    }

    private static function ground(Site $site): ?Granted
    {
        $point = $site->point;
        if (! $point->isReceptacle() || $point->ground !== null) {
            return null;
        }
        $cable = $site->feeds->feed($point)->cable;

        return self::choice(
            'points',
            $point->id,
            'ground',
            'Taken as grounded' . ($cable !== null && ! $cable->grounds() ? ', though its cable brings no ground.' : '.'),
            ...array_filter(GroundPath::cases(), fn(GroundPath $path): bool => $path !== GroundPath::Broken),
        );
    }

    private static function exposure(Site $site): ?Granted
    {
        $outdoors = $site->area->kind === AreaKind::Outdoors;
        if (! $site->point->isReceptacle()
            || $site->point->exposure !== null
            || ! ($outdoors || in_array($site->area->kind, self::MAY_BE_DAMP, true))) {
            return null;
        }

        return self::choice(
            'points',
            $site->point->id,
            'exposure',
            $outdoors ? 'Taken as wet: outdoors, and not said to be under a roof.' : 'Taken as dry.',
            ...Exposure::cases(),
        );
    }

    private static function serves(Site $site): ?Granted
    {
        $isMatter = $site->area->kind === AreaKind::Kitchen && (! $site->edition->isNec() || $site->edition->isBefore(Edition::Nec2023));

        return $isMatter && $site->point->isReceptacle() && $site->point->serves === null
            ? self::choice(
                'points',
                $site->point->id,
                'serves',
                'Taken as not serving the countertop.',
                Serves::Countertop,
                Serves::General,
            )
            : null;
    }

    private static function accessible(Site $site): ?Granted
    {
        return $site->point->device->feedsThrough() && $site->point->accessible === null
            ? new Granted(
                'points',
                $site->point->id,
                'accessible',
                'Taken as readily accessible.',
                ['Within reach' => true, 'Not within reach' => false],
            )
            : null;
    }

    /** @return list<Granted> water in the room to which nobody has measured, where nothing else asks */
    private static function distances(Site $site, PointAssessment $judged): array
    {
        if (! $site->point->isReceptacle() || $judged->demandsFor(Protection::Gfci) !== []) {
            return [];
        }
        $measured = array_column($site->point->distances(), 'fixture');

        return array_map(
            fn(Fixture $fixture): Granted => new Granted(
                'points',
                $site->point->id,
                'distances',
                'Taken as out of reach of the ' . mb_strtolower($fixture->kind->label()) . " in {$site->area->code}: nobody has measured.",
            ),
            array_values(array_filter(
                $site->area->fixtures(),
                fn(Fixture $fixture): bool => ! in_array($fixture->id, $measured, true),
            )),
        );
    }

    private static function finished(Site $site): ?Granted
    {
        $isMatter = in_array($site->area->kind, [AreaKind::Basement, AreaKind::AccessoryBuilding], true);

        return $isMatter && $site->area->finished === null
            ? new Granted(
                'areas',
                $site->area->id,
                'finished',
                "{$site->area->code} is taken as finished.",
                ['Finished' => true, 'Not finished' => false],
            )
            : null;
    }

    private static function grade(Site $site, PointAssessment $judged): ?Granted
    {
        return in_array($site->area->kind, self::MAY_BE_BELOW, true)
            && $site->area->grade === null
            && $site->point->isReceptacle()
            && $site->edition->isFrom(Edition::Nec2020)
            && $judged->demandsFor(Protection::Gfci) === []
            ? self::choice('areas', $site->area->id, 'grade', "{$site->area->code} is taken as not below grade.", ...Grade::cases())
            : null;
    }

    private static function listing(Site $site, PointAssessment $judged): ?Granted
    {
        $circuit = $site->circuit();

        return $circuit?->breaker()->givesAfci() === true
            && $circuit->breakerListing === null
            && $site->edition->isNec()
            && $judged->demandsFor(Protection::Afci) !== []
            ? self::choice(
                'circuits',
                $circuit->id,
                'breaker_listing',
                "Breaker {$circuit->slot} is taken as the combination type.",
                BreakerListing::Combination,
                BreakerListing::BranchFeeder,
            )
            : null;
    }

    /** @param 'points'|'areas'|'circuits' $in */
    private static function choice(string $in, string $id, string $field, string $text, Choice&\BackedEnum ...$choices): Granted
    {
        $words = [];
        foreach ($choices as $choice) {
            $words[$choice->label()] = (string) $choice->value;
        }

        return new Granted($in, $id, $field, $text, $words);
    }
}
