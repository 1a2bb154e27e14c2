<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What a call is about. */
enum SymptomKind: string implements Choice
{
    case Trips = 'trips';
    case Dead = 'dead';
    case WillNotReset = 'will_not_reset';
    case WillNotTrip = 'will_not_trip';
    case ReadsWrong = 'reads_wrong';
    case Shock = 'shock';
    case Overload = 'overload';

    public function label(): string
    {
        return match ($this) {
            self::Trips => 'trips',
            self::Dead => 'dead',
            self::WillNotReset => 'will not reset',
            self::WillNotTrip => 'will not trip',
            self::ReadsWrong => 'reads wrong',
            self::Shock => 'a shock',
            self::Overload => 'overload',
        };
    }
}
