<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

/** The phone that asks has no change left to undo, or none to redo. */
final class NothingToTurnBack extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('There is nothing left to undo or redo');
    }
}
