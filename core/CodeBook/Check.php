<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** Looks for one kind of finding. */
interface Check
{
    /**
     * What it looks for, by the id of the finding; with a word more where one finding has several clauses. A finding that says what a rule
     * asks for has the clause of that rule.
     *
     * @return array<string, Finds>
     */
    public function finds(): array;
}
