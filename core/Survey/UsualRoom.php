<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\Serves;

/** The water and the outlets that a kind of room usually has. Ours, as houses are built; nothing of it counts until it is confirmed. */
final readonly class UsualRoom
{
    /** The kinds in the order they are met with on a walk through a house. */
    public const WALK = [
        AreaKind::Kitchen, AreaKind::Bathroom, AreaKind::Bedroom, AreaKind::Living, AreaKind::Dining, AreaKind::Hallway, AreaKind::Laundry,
        AreaKind::Garage, AreaKind::Basement, AreaKind::Outdoors, AreaKind::Utility, AreaKind::Closet, AreaKind::Family, AreaKind::Den,
        AreaKind::CrawlSpace, AreaKind::AccessoryBuilding, AreaKind::Attic, AreaKind::Foyer, AreaKind::Sunroom, AreaKind::Recreation,
        AreaKind::FoodPrep, AreaKind::Similar, AreaKind::Library, AreaKind::Parlor, AreaKind::Boathouse,
    ];

    /**
     * @param list<FixtureKind> $water
     * @param list<UsualOutlet> $outlets
     */
    private function __construct(public array $water, public array $outlets)
    {
    }

    public static function of(AreaKind $kind): self
    {
        return match ($kind) {
            AreaKind::Kitchen => self::with([FixtureKind::Sink], [
                new UsualOutlet(Serves::Countertop, 6, 2.0), new UsualOutlet(Serves::Refrigerator), new UsualOutlet(Serves::Dishwasher),
                new UsualOutlet(Serves::Disposal), new UsualOutlet(Serves::Range), new UsualOutlet(Serves::Microwave),
            ]),
            AreaKind::FoodPrep => self::with(
                [FixtureKind::Sink],
                [new UsualOutlet(Serves::Countertop, 2, 2.0), new UsualOutlet(Serves::Refrigerator)],
            ),
            AreaKind::Bathroom => self::with(
                [FixtureKind::Sink, FixtureKind::Bathtub, FixtureKind::Shower],
                [new UsualOutlet(Serves::Countertop, 1, 1.5), new UsualOutlet(Serves::BathFan)],
            ),
            AreaKind::Laundry => self::with(
                [FixtureKind::Sink],
                [new UsualOutlet(Serves::Washer), new UsualOutlet(Serves::Dryer), new UsualOutlet(Serves::General)],
            ),
            AreaKind::Garage => self::with([], [new UsualOutlet(Serves::GarageOpener), new UsualOutlet(Serves::General, 3)]),
            AreaKind::Basement => self::with([], [new UsualOutlet(Serves::SumpPump), new UsualOutlet(Serves::General, 3)]),
            AreaKind::Utility => self::with([], [new UsualOutlet(Serves::Hvac), new UsualOutlet(Serves::General, 2)]),
            AreaKind::CrawlSpace => self::with([], [new UsualOutlet(Serves::SumpPump), new UsualOutlet(Serves::HvacService)]),
            AreaKind::Attic => self::with([], [new UsualOutlet(Serves::HvacService)]),
            AreaKind::Boathouse => self::with([], [new UsualOutlet(Serves::BoatHoist), new UsualOutlet(Serves::General, 2)]),
            AreaKind::Outdoors => self::with([], [new UsualOutlet(Serves::General, 2), new UsualOutlet(Serves::HvacService)]),
            AreaKind::Living, AreaKind::Family, AreaKind::Recreation => self::with([], [new UsualOutlet(Serves::General, 5)]),
            AreaKind::Bedroom, AreaKind::Dining, AreaKind::AccessoryBuilding => self::with([], [new UsualOutlet(Serves::General, 4)]),
            AreaKind::Den, AreaKind::Library, AreaKind::Parlor, AreaKind::Sunroom, AreaKind::Similar => self::with(
                [],
                [new UsualOutlet(Serves::General, 3)],
            ),
            AreaKind::Hallway, AreaKind::Foyer => self::with([], [new UsualOutlet(Serves::General)]),
            AreaKind::Closet => self::with([], []),
        };
    }

    /** As it is told before the room is added: `6 countertop, refrigerator, dishwasher`. */
    public function words(): string
    {
        return implode(', ', array_map(
            fn(UsualOutlet $usual): string => ($usual->count > 1 ? "$usual->count " : '') . mb_strtolower($usual->serves->label()),
            $this->outlets,
        ));
    }

    /**
     * @param list<FixtureKind> $water
     * @param list<UsualOutlet> $outlets
     */
    private static function with(array $water, array $outlets): self
    {
        return new self($water, $outlets);
    }
}
