<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** What is proposed to be done next to know more of the runs. */
enum NextKind: string
{
    case Off = 'off';
    case Trip = 'trip';
    case Button = 'button';
    case Open = 'open';
    case Lift = 'lift';
}
