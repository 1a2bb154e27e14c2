<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** What wears in a device or breaker, and goes with it. */
enum Wear
{
    case Dead;
    case Weak;
    case Stuck;
}
