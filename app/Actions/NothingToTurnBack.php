<?php

declare(strict_types=1);

namespace App\Actions;

/** There is no change left to undo, or none to redo. */
final class NothingToTurnBack extends \RuntimeException
{
}
