<?php

declare(strict_types=1);

namespace Bouclier\Core\CommandLine;

/** Words on the command line that cannot be carried out; the message says which and why. */
final class BadOptions extends \InvalidArgumentException
{
}
