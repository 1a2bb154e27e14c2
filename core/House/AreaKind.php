<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What a room or place is, as far as the code cares (house-file `areas[].kind`). */
enum AreaKind: string implements Choice
{
    case Kitchen = 'kitchen';
    case FoodPrep = 'food_prep';
    case Bathroom = 'bathroom';
    case Laundry = 'laundry';
    case Garage = 'garage';
    case AccessoryBuilding = 'accessory_building';
    case Outdoors = 'outdoors';
    case CrawlSpace = 'crawl_space';
    case Basement = 'basement';
    case Boathouse = 'boathouse';
    case Bedroom = 'bedroom';
    case Living = 'living';
    case Family = 'family';
    case Dining = 'dining';
    case Parlor = 'parlor';
    case Library = 'library';
    case Den = 'den';
    case Sunroom = 'sunroom';
    case Recreation = 'recreation';
    case Closet = 'closet';
    case Hallway = 'hallway';
    case Foyer = 'foyer';
    case Similar = 'similar';
    case Attic = 'attic';
    case Utility = 'utility';

    public function label(): string
    {
        return match ($this) {
            self::Kitchen => 'Kitchen',
            self::FoodPrep => 'Food or drink preparation area',
            self::Bathroom => 'Bathroom',
            self::Laundry => 'Laundry area',
            self::Garage => 'Garage',
            self::AccessoryBuilding => 'Accessory building',
            self::Outdoors => 'Outdoors',
            self::CrawlSpace => 'Crawl space',
            self::Basement => 'Basement',
            self::Boathouse => 'Boathouse',
            self::Bedroom => 'Bedroom',
            self::Living => 'Living room',
            self::Family => 'Family room',
            self::Dining => 'Dining room',
            self::Parlor => 'Parlor',
            self::Library => 'Library',
            self::Den => 'Den',
            self::Sunroom => 'Sunroom',
            self::Recreation => 'Recreation room',
            self::Closet => 'Closet',
            self::Hallway => 'Hallway',
            self::Foyer => 'Foyer',
            self::Similar => 'Similar room',
            self::Attic => 'Attic',
            self::Utility => 'Utility room',
        };
    }

    /** As the code speaks of such places: "kitchens". */
    public function plural(): string
    {
        return match ($this) {
            self::Outdoors => 'places outdoors',
            self::Library => 'libraries',
            self::Similar => 'rooms taken as similar',
            default => lcfirst($this->label()) . 's',
        };
    }

    /** What the code of such a room begins with, unless somebody chooses another: K1, B2. */
    public function codeLetter(): string
    {
        return match ($this) {
            self::Similar => 'R',
            self::Bedroom => 'E',
            self::Basement => 'U',
            self::Living => 'V',
            self::Library, self::Laundry => 'L',
            self::CrawlSpace => 'X',
            self::Closet, self::Parlor, self::FoodPrep => 'P',
            self::Boathouse, self::Bathroom => 'B',
            self::Foyer, self::Hallway => 'H',
            self::Sunroom => 'S',
            self::Recreation => 'R',
            self::Attic => 'T',
            self::AccessoryBuilding => 'W',
            self::Utility => 'Y',
            default => strtoupper(substr($this->value, 0, 1)),
        };
    }
}
