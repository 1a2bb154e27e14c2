<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\ApplianceClass;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Serves;

/** What is usually found plugged in at an outlet, with what such a thing draws: one tap instead of a line. Ours, round figures. */
final readonly class UsualAppliance
{
    private function __construct(
        public string $name,
        public int $watts,
        public ApplianceClass $class,
        public bool $critical = false,
    ) {
    }

    /** @return list<self> by what the outlet serves, else by its room */
    public static function at(House $house, Point $point): array
    {
        $one = match ($point->serves()) {
            Serves::Refrigerator => new self('Refrigerator', 150, ApplianceClass::Refrigeration, true),
            Serves::Freezer => new self('Freezer', 150, ApplianceClass::Refrigeration, true),
            Serves::Dishwasher => new self('Dishwasher', 1200, ApplianceClass::WaterHandling),
            Serves::Disposal => new self('Disposal', 700, ApplianceClass::Motor),
            Serves::SumpPump => new self('Sump pump', 800, ApplianceClass::WaterHandling, true),
            Serves::Dryer => new self('Dryer', 5000, ApplianceClass::HeatingElement),
            Serves::Range => new self('Range', 8000, ApplianceClass::HeatingElement),
            Serves::Washer => new self('Washer', 1000, ApplianceClass::WaterHandling),
            Serves::Microwave => new self('Microwave', 1300, ApplianceClass::Electronic),
            Serves::GarageOpener => new self('Door opener', 500, ApplianceClass::Motor),
            Serves::RangeHood => new self('Range hood', 250, ApplianceClass::Motor),
            Serves::Ev => new self('Car charger', 1400, ApplianceClass::Charger),
            Serves::Bidet => new self('Toilet seat', 1400, ApplianceClass::WaterHandling),
            default => null,
        };

        return $one !== null ? [$one] : self::inRoom($house->areaOf($point)->kind);
    }

    /** @return list<self> */
    private static function inRoom(AreaKind $kind): array
    {
        return match ($kind) {
            AreaKind::Kitchen, AreaKind::FoodPrep => [
                new self('Kettle', 1500, ApplianceClass::HeatingElement), new self('Toaster', 1000, ApplianceClass::HeatingElement),
                new self('Coffee maker', 1000, ApplianceClass::WaterHandling), new self('Mixer', 300, ApplianceClass::Motor),
            ],
            AreaKind::Bathroom => [
                new self('Hair dryer', 1500, ApplianceClass::HeatingElement), new self('Toothbrush charger', 5, ApplianceClass::Charger),
                new self('Heater', 1500, ApplianceClass::HeatingElement),
            ],
            AreaKind::Garage, AreaKind::AccessoryBuilding, AreaKind::Basement, AreaKind::Utility => [
                new self('Freezer', 150, ApplianceClass::Refrigeration, true), new self('Tool charger', 100, ApplianceClass::Charger),
                new self('Dehumidifier', 500, ApplianceClass::Refrigeration), new self('Compressor', 1500, ApplianceClass::Motor),
            ],
            AreaKind::Outdoors, AreaKind::Boathouse => [
                new self('Mower', 1200, ApplianceClass::Motor), new self('Lights', 60, ApplianceClass::Lighting),
                new self('Pressure washer', 1800, ApplianceClass::WaterHandling),
            ],
            default => [
                new self('Television', 120, ApplianceClass::Electronic), new self('Computer', 200, ApplianceClass::Electronic),
                new self('Lamp', 10, ApplianceClass::Lighting), new self('Vacuum cleaner', 1000, ApplianceClass::Motor),
                new self('Heater', 1500, ApplianceClass::HeatingElement),
            ],
        };
    }
}
