<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\Survey\EnteredLine;

/** A line of quick entry that says nothing yet, or something that is not understood. */
final class NotUnderstood extends \DomainException
{
    public function __construct(public readonly EnteredLine $entered)
    {
        parent::__construct($entered->faults[0]->message ?? 'The line says nothing yet');
    }
}
