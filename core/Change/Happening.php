<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

/** What happened in the house itself, a breaker turned or a point proved dead: no undo turns it back. */
interface Happening extends Command
{
}
