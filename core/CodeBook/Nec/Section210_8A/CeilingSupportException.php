<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Serves;

/**
 * NEC 210.8(A) exception, 2020 and 2023: a listed locking (2023: weight-supporting) ceiling receptacle for a fan or luminaire. A
 * convenience receptacle built into that fan or luminaire still counts.
 */
final class CeilingSupportException implements RuleException
{
    /** The same numbers in both editions, though they name other places. */
    private const CLAUSES = [
        '210.8(A)(1)', '210.8(A)(2)', '210.8(A)(3)', '210.8(A)(5)', '210.8(A)(6)', '210.8(A)(7)', '210.8(A)(8)', '210.8(A)(10)',
    ];

    public function id(): string
    {
        return 'nec-210.8(A)-ceiling-support';
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, null, '210.8(A) exception', '210.8(A) exception');
    }

    public function reason(): string
    {
        return 'A listed ceiling receptacle that carries a fan or luminaire takes no cord.';
    }

    public function lifts(Rule $rule, Site $site): bool
    {
        return $site->point->serves() === Serves::CeilingSupport
            && in_array($rule->clauses()->in($site->edition), self::CLAUSES, true);
    }
}
