<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clause;
use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Serves;

/** NEC 210.8(A) exception, 2023: a receptacle that supplies only a permanently installed premises security system, in any listed place. */
final class SecuritySystemException implements RuleException
{
    public function id(): string
    {
        return 'nec-210.8(A)-security-system';
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, null, null, '210.8(A) exception');
    }

    public function reason(): string
    {
        return 'It supplies only a permanently installed premises security system.';
    }

    public function lifts(Rule $rule, Site $site): bool
    {
        return Clause::within($rule->clauses()->in($site->edition) ?? '', '210.8(A)') && $site->point->serves() === Serves::Security;
    }
}
