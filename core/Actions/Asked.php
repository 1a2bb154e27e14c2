<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

/** How an action asks what it showed: by taps, or for what an instrument reads. */
enum Asked: string
{
    case Choice = 'choice';
    case Lamps = 'lamps';
    case Volts = 'volts';
    case Milliamperes = 'ma';
    case Ohms = 'ohms';
    case Seen = 'seen';
    case Walk = 'walk';
    case Trips = 'trips';
}
