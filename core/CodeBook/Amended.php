<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Amendment;
use Bouclier\Core\House\AmendmentKind;
use Bouclier\Core\House\Edition;

/**
 * Which rules a local amendment is about: the one it names by its id, in every edition that has it; else those that have its clause in the
 * edition of the house it was written for.
 */
final class Amended
{
    /** @param Edition $written the edition of the house */
    public static function speaksOf(Amendment $amendment, Rule $rule, Edition $written): bool
    {
        if ($amendment->what !== $rule->asksFor()) {
            return false;
        }

        return $amendment->rule !== null
            ? $amendment->rule === $rule->id()
            : Clause::within($rule->clauses()->in($written) ?? '', $amendment->clause);
    }

    /** Whether it can change anything under an edition. What is added without a rule stands by itself. */
    public static function matches(Amendment $amendment, CodeBook $book, Edition $written, Edition $edition): bool
    {
        if ($amendment->do === AmendmentKind::Add && $amendment->rule === null) {
            return true;
        }
        foreach ($book->rules as $rule) {
            if ($rule->clauses()->in($edition) !== null
                && self::speaksOf($amendment, $rule, $written)
                && ($amendment->do !== AmendmentKind::Distance || ($rule instanceof HasDistance && $amendment->ft !== null))) {
                return true;
            }
        }

        return false;
    }
}
