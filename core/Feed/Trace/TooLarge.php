<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** More outlets that may hang together than can be put in order at once: breakers have to be told apart first. */
final class TooLarge extends \RuntimeException
{
}
