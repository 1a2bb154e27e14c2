<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

use Bouclier\Core\House\DeviceLight;
use Bouclier\Core\House\Point;

/** What the light of a protective device shows, as its maker means it; or the handle of a breaker. */
enum Light: string
{
    case Power = 'power';
    case Tripped = 'tripped';
    case Failed = 'failed';
    case Nothing = 'nothing';

    /**
     * @param bool $hasPower whether its line side is live, or its bus
     * @param bool $feeds whether its load side is live
     * @param bool $isWorn whether it does not close any more
     */
    public static function of(DeviceLight $means, bool $hasPower, bool $feeds, bool $isOpen, bool $isWorn, bool $testsItself): self
    {
        return match ($means) {
            DeviceLight::None => self::Nothing,
            DeviceLight::Power => $feeds ? self::Power : self::Nothing,
            DeviceLight::Tripped => match (true) {
                ! $hasPower => self::Nothing,
                $isWorn => $testsItself ? self::Failed : self::Nothing,
                default => $isOpen ? self::Tripped : self::Nothing,
            },
            DeviceLight::Both => match (true) {
                ! $hasPower => self::Nothing,
                $isWorn => self::Failed,
                default => $isOpen ? self::Tripped : self::Power,
            },
        };
    }

    /** At a device in a network, by its point; a breaker's handle where there is none. */
    public static function at(?Point $point, DeviceLight $means, ?HouseGrid $grid, bool $hasPower, bool $isOpen, bool $isWorn): self
    {
        $feeds = $point === null || $grid === null ? ! $isOpen && $hasPower : $grid->loadVolts($point->id) >= Tripping::LIVE_VOLTS;

        return self::of($means, $hasPower, $feeds, $isOpen, $isWorn, $point?->selfTest === true);
    }
}
