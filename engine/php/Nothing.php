<?php

declare(strict_types=1);

namespace Bouclier\Engine;

/** This phone has done nothing that it could undo, or redo. */
final class Nothing extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('There is nothing left to undo or redo');
    }
}
