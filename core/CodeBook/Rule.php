<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Protection;

/** One demand of the code: one class, named after what it is about, with its clause in every edition that has it. */
interface Rule
{
    /** A name that stays the same when editions renumber the clause. */
    public function id(): string;

    public function asksFor(): Protection;

    /** The clause in every edition of its code. */
    public function clauses(): Clauses;

    /** Why the code asks for it, in one line of ours. */
    public function reason(): string;

    /** The fact that makes the rule bind this outlet, null when it does not. Called only where the edition has the clause. */
    public function binds(Site $site): ?string;
}
