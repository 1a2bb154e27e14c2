<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** What a call is about. */
enum SymptomKind: string
{
    case Trips = 'trips';
    case Dead = 'dead';
    case WillNotReset = 'will_not_reset';
    case WillNotTrip = 'will_not_trip';
    case ReadsWrong = 'reads_wrong';
    case Shock = 'shock';
    case Overload = 'overload';
}
