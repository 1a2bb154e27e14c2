<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What an outlet is for: everything, a counter, or one thing and nothing else. */
enum Serves: string implements Choice
{
    case General = 'general';
    case Countertop = 'countertop';
    case Refrigerator = 'refrigerator';
    case Freezer = 'freezer';
    case Dishwasher = 'dishwasher';
    case Disposal = 'disposal';
    case SumpPump = 'sump_pump';
    case Range = 'range';
    case WallOven = 'wall_oven';
    case Cooktop = 'cooktop';
    case Dryer = 'dryer';
    case Washer = 'washer';
    case Microwave = 'microwave';
    case GarageOpener = 'garage_opener';
    case Hvac = 'hvac';
    case HvacInverter = 'hvac_inverter';
    case HvacService = 'hvac_service';
    case Ev = 'ev';
    case Spa = 'spa';
    case PoolPump = 'pool_pump';
    case Hydromassage = 'hydromassage';
    case FloorHeat = 'floor_heat';
    case FireAlarm = 'fire_alarm';
    case SmokeAlarm = 'smoke_alarm';
    case Security = 'security';
    case SnowMelting = 'snow_melting';
    case BathFan = 'bath_fan';
    case CeilingSupport = 'ceiling_support';
    case Bidet = 'bidet';
    case Landscape = 'landscape';
    case RangeHood = 'range_hood';
    case BoatHoist = 'boat_hoist';

    /** Whether what it supplies is built in or heavy: it is not carried to another outlet in a minute. */
    public function isHeavy(): bool
    {
        return in_array($this, [
            self::Refrigerator, self::Freezer, self::Dishwasher, self::Range, self::WallOven, self::Cooktop, self::Dryer, self::Washer,
            self::SumpPump,
        ], true);
    }

    public function label(): string
    {
        return match ($this) {
            self::General => 'General use',
            self::Countertop => 'Countertop',
            self::Refrigerator => 'Refrigerator',
            self::Freezer => 'Freezer',
            self::Dishwasher => 'Dishwasher',
            self::Disposal => 'Disposal',
            self::SumpPump => 'Sump pump',
            self::Range => 'Range',
            self::WallOven => 'Wall oven',
            self::Cooktop => 'Cooktop',
            self::Dryer => 'Dryer',
            self::Washer => 'Washer',
            self::Microwave => 'Microwave',
            self::GarageOpener => 'Garage door opener',
            self::Hvac => 'Heating or cooling',
            self::HvacInverter => 'Inverter heat pump or mini-split',
            self::HvacService => 'HVAC service outlet',
            self::Ev => 'Electric vehicle',
            self::Spa => 'Spa or hot tub',
            self::PoolPump => 'Pool pump',
            self::Hydromassage => 'Hydromassage tub',
            self::FloorHeat => 'Floor heating',
            self::FireAlarm => 'Fire alarm system',
            self::SmokeAlarm => 'Smoke alarm',
            self::Security => 'Security system',
            self::SnowMelting => 'Snow melting or pipe heating',
            self::BathFan => 'Bath fan',
            self::CeilingSupport => 'Ceiling fan or luminaire support',
            self::Bidet => 'Electronic toilet seat',
            self::Landscape => 'Landscape',
            self::RangeHood => 'Range hood',
            self::BoatHoist => 'Boat hoist',
        };
    }
}
