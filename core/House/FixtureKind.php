<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Water that an outlet's distance is measured to. */
enum FixtureKind: string implements Choice
{
    case Sink = 'sink';
    case Bathtub = 'bathtub';
    case Shower = 'shower';
    case Hydromassage = 'hydromassage';
    case Pool = 'pool';
    case Spa = 'spa';

    public function label(): string
    {
        return match ($this) {
            self::Sink => 'Sink',
            self::Bathtub => 'Bathtub',
            self::Shower => 'Shower',
            self::Hydromassage => 'Hydromassage tub',
            self::Pool => 'Pool',
            self::Spa => 'Spa or hot tub',
        };
    }
}
