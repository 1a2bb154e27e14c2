<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What is lost where an appliance stands still for days. */
enum AtStake: string implements Choice
{
    case Flood = 'flood';
    case Food = 'food';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::Flood => 'The pit fills',
            self::Food => 'Food spoils',
            self::Other => 'Something depends on it',
        };
    }

    /** By what its outlet supplies, what it is, and what somebody has said of it; null where nothing is. */
    public static function of(House $house, Appliance $appliance): ?self
    {
        $serves = $appliance->at === null ? null : $house->point($appliance->at)->serves();
        $byOutlet = $serves === null ? null : self::at($serves);

        return match (true) {
            $byOutlet !== null => $byOutlet,
            $appliance->class === ApplianceClass::Refrigeration->value => self::Food,
            $appliance->critical === true => self::Other,
            default => null,
        };
    }

    /** Of what an outlet supplies and nothing else. */
    public static function at(Serves $serves): ?self
    {
        return match ($serves) {
            Serves::SumpPump => self::Flood,
            Serves::Refrigerator, Serves::Freezer => self::Food,
            default => null,
        };
    }
}
