<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

/** How a feed-through device is wired to its feed. */
enum Wiring
{
    /** Feed on LINE, hot and neutral: the device works as it should. */
    case Right;

    /** Feed on LOAD: the device protects nothing, itself included. */
    case Reversed;

    /** Hot and neutral of the feed on different ends: the device protects nothing. */
    case Split;
}
