<?php

declare(strict_types=1);

namespace Bouclier\Core\Keep;

/** How soon the age of a device asks for another. */
enum AgeAsks
{
    case Now;
    case ThisYear;
    case Later;
    case Unknown;
}
