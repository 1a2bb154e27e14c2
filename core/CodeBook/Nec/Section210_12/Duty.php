<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_12;

use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\AmendmentKind;
use Bouclier\Core\House\Area;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;

/**
 * The duty of NEC 210.12 is one of the circuit: 120 V, 15 or 20 A (2023 also 10 A), and one outlet or device in a listed room binds all of
 * it from its origin. A finished basement counts as a recreation room; bathrooms, garages, outdoors, attics, crawl spaces and unfinished
 * basements are not listed.
 */
final class Duty
{
    private const LISTED = [
        AreaKind::Kitchen, AreaKind::Family, AreaKind::Dining, AreaKind::Living, AreaKind::Parlor, AreaKind::Library, AreaKind::Den,
        AreaKind::Bedroom,
        AreaKind::Sunroom, AreaKind::Recreation, AreaKind::Closet, AreaKind::Hallway, AreaKind::Laundry, AreaKind::Similar,
    ];

    public static function isListed(Area $area): bool
    {
        return in_array($area->kind, self::LISTED, true) || ($area->kind === AreaKind::Basement && $area->finished());
    }

    /** Why a place counts, in words: which rooms are on the list. */
    public static function because(Context $context, Point $point): string
    {
        $area = $context->house->areaOf($point);

        return match (true) {
            ! self::isListed($area) => 'local amendment adds it to the list of 210.12',
            $area->kind === AreaKind::Basement => 'a finished basement counts as a recreation room, and those are on the list of 210.12',
            default => "{$area->kind->plural()} are on the list of 210.12",
        };
    }

    /** The outlet that binds the site's circuit, itself first; null when nothing does. */
    public static function binding(Site $site): ?Point
    {
        $circuit = $site->circuit();
        if ($circuit === null) {
            return self::standsInListedRoom($site->context, $site->point) && $site->volts() <= 125.0 && $site->point->amps() <= 20.0
                ? $site->point
                : null;
        }
        if (! self::speaksOf($circuit, $site->edition)) {
            return null;
        }

        return self::standsInListedRoom($site->context, $site->point) ? $site->point : self::firstOn($circuit, $site->context);
    }

    /** Whether 210.12 speaks of such a circuit at all. */
    public static function speaksOf(Circuit $circuit, Edition $edition): bool
    {
        return $circuit->volts() === 120.0 && in_array($circuit->amps, self::amps($edition), true);
    }

    private static function firstOn(Circuit $circuit, Context $context): ?Point
    {
        return $context->once("210.12 {$circuit->id}", function () use ($circuit, $context): ?Point {
            foreach ($context->feeds->pointsOn($circuit) as $point) {
                if (self::standsInListedRoom($context, $point)) {
                    return $point;
                }
            }

            return null;
        });
    }

    /**
     * A junction box is neither outlet nor device, and the supply of a fire alarm system is kept off AFCI. What a local amendment waives
     * binds no circuit, what one adds does.
     */
    public static function standsInListedRoom(Context $context, Point $point): bool
    {
        if ($point->kind === PointKind::Junction || $point->serves() === Serves::FireAlarm) {
            return false;
        }
        $rule = new BranchCircuits();
        $site = $context->site($point);

        return (self::isListed($site->area) || $site->amendments(AmendmentKind::Add, $rule) !== [])
            && $site->amendments(AmendmentKind::Waive, $rule) === [];
    }

    /** @return non-empty-list<float> ratings of the circuits it speaks of */
    private static function amps(Edition $edition): array
    {
        return $edition->isFrom(Edition::Nec2023) ? [10.0, 15.0, 20.0] : [15.0, 20.0];
    }

    /** @return list<string> the list of rooms, and the circuits */
    public static function inWords(Edition $edition): array
    {
        return [
            'Rooms: ' . implode(', ', array_map(fn(AreaKind $kind): string => $kind->plural(), self::LISTED)) . ', finished basements',
            'Circuits of 120 V and ' . implode(', ', self::amps($edition)) . ' A',
        ];
    }
}
