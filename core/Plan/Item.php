<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\BreakerType;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Point;

/** A part that is bought, as a table of prices names it. */
enum Item: string
{
    case StandardReceptacle = 'standard_receptacle';
    case GfciReceptacle = 'gfci_receptacle';
    case AfciReceptacle = 'afci_receptacle';
    case DualReceptacle = 'dual_receptacle';
    case StandardBreaker = 'standard_breaker';
    case GfciBreaker = 'gfci_breaker';
    case AfciBreaker = 'afci_breaker';
    case DualBreaker = 'dual_breaker';
    case GfciBreakerTwoPole = 'gfci_breaker_2p';
    case AfciBreakerTwoPole = 'afci_breaker_2p';
    case DualBreakerTwoPole = 'dual_breaker_2p';
    case WeatherReceptacle = 'weather_receptacle';
    case LargeReceptacle = 'large_receptacle';
    case FlipCover = 'flip_cover';
    case InUseCover = 'in_use_cover';
    case Label = 'label';
    case Pigtail = 'pigtail';
    case Strap = 'strap';
    case LargerBox = 'larger_box';
    case Box = 'box';
    case HandleTie = 'handle_tie';
    case CableFoot = 'cable_ft';

    public function label(): string
    {
        return match ($this) {
            self::StandardReceptacle => 'Receptacle',
            self::GfciReceptacle => 'GFCI receptacle',
            self::AfciReceptacle => 'AFCI receptacle',
            self::DualReceptacle => 'Dual-function receptacle',
            self::StandardBreaker => 'Breaker',
            self::GfciBreaker => 'GFCI breaker',
            self::AfciBreaker => 'AFCI breaker',
            self::DualBreaker => 'Dual-function breaker',
            self::GfciBreakerTwoPole => 'Two-pole GFCI breaker',
            self::AfciBreakerTwoPole => 'Two-pole AFCI breaker',
            self::DualBreakerTwoPole => 'Two-pole dual-function breaker',
            self::WeatherReceptacle => 'Weather-resistant receptacle',
            self::LargeReceptacle => 'Receptacle for 250 V or over 20 A',
            self::FlipCover => 'Weatherproof cover',
            self::InUseCover => 'In-use hood',
            self::Label => 'Label',
            self::Pigtail => 'Pigtail and connector',
            self::Strap => 'Strap',
            self::LargerBox => 'Larger box',
            self::Box => 'Box and plate',
            self::HandleTie => 'Handle tie',
            self::CableFoot => 'Cable, a foot',
        };
    }

    /** What it costs where a crew's table does not say. */
    public function usualPrice(): float
    {
        return match ($this) {
            self::StandardReceptacle => 4.0,
            self::GfciReceptacle => 24.0,
            self::AfciReceptacle => 38.0,
            self::DualReceptacle => 45.0,
            self::StandardBreaker => 12.0,
            self::GfciBreaker => 62.0,
            self::AfciBreaker => 58.0,
            self::DualBreaker => 68.0,
            self::GfciBreakerTwoPole => 118.0,
            self::AfciBreakerTwoPole => 124.0,
            self::DualBreakerTwoPole => 132.0,
            self::WeatherReceptacle => 9.0,
            self::LargeReceptacle => 19.0,
            self::FlipCover => 9.0,
            self::InUseCover => 16.0,
            self::Label => 1.0,
            self::Pigtail => 2.0,
            self::Strap => 1.0,
            self::LargerBox => 14.0,
            self::Box => 8.0,
            self::HandleTie => 9.0,
            self::CableFoot => 1.4,
        };
    }

    /** The receptacle that is in an outlet: for more than 20 A or 125 V, one that protects, or one for the weather. */
    public static function receptacle(Point $point): self
    {
        return match (true) {
            $point->volts() > 125.0 || $point->amps() > 20.0 => self::LargeReceptacle,
            $point->device->feedsThrough() => self::device($point->device),
            $point->wr === true => self::WeatherReceptacle,
            default => self::StandardReceptacle,
        };
    }

    /** The receptacle of a kind. */
    public static function device(Device $device): self
    {
        return match ($device) {
            Device::Standard, Device::None => self::StandardReceptacle,
            Device::Gfci => self::GfciReceptacle,
            Device::Afci => self::AfciReceptacle,
            Device::Dual => self::DualReceptacle,
        };
    }

    /** The breaker of a kind, of one circuit. */
    public static function breaker(BreakerType $breaker): self
    {
        return match ($breaker) {
            BreakerType::Standard, BreakerType::Fuse => self::StandardBreaker,
            BreakerType::Gfci => self::GfciBreaker,
            BreakerType::Afci => self::AfciBreaker,
            BreakerType::Dual => self::DualBreaker,
        };
    }

    /** The one breaker of both halves of a multiwire circuit. */
    public static function twoPole(BreakerType $breaker): self
    {
        return match ($breaker) {
            BreakerType::Gfci => self::GfciBreakerTwoPole,
            BreakerType::Afci => self::AfciBreakerTwoPole,
            BreakerType::Dual => self::DualBreakerTwoPole,
            BreakerType::Standard, BreakerType::Fuse => throw new \LogicException('no plain breaker is bought for both halves'),
        };
    }
}
