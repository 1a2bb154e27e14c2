<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** What sort of cause a hypothesis is: a fault, or something that needs none. */
enum Explains: string
{
    case Fault = 'fault';
    case SharedNeutral = 'shared_neutral';
    case HonestSum = 'honest_sum';
    case LongCable = 'long_cable';
    case Overload = 'overload';
    case NoFeed = 'no_feed';
    case UpstreamTripped = 'upstream_tripped';
    case Unknown = 'unknown';
}
