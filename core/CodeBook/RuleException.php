<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** Something the code lets off from other rules. */
interface RuleException
{
    public function id(): string;

    public function clauses(): Clauses;

    /** Whether it lets the outlet off from this rule. Called only where the edition has the exception. */
    public function lifts(Rule $rule, Site $site): bool;

    /** What the exception rests on, and what is still due, in one line of ours. */
    public function reason(): string;
}
