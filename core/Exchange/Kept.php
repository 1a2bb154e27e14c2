<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

/** What kind of value a key holds, for who stores it. */
enum Kept
{
    case Text;
    case Flag;
    case Number;
    case Whole;
    case Part;
    case List;
}
