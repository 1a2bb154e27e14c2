<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** Looks for one kind of finding. */
interface Check
{
    /**
     * The clause of each finding in every edition of its code, by its id; with a word more where one finding has several. A finding that
     * says what a rule asks for has the clause of that rule.
     *
     * @return array<string, Clauses>
     */
    public function clauses(): array;
}
