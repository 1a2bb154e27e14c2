<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Serves;

/** NEC 210.8(A)(5) exception, 2014 to 2020: a receptacle that supplies only a permanently installed fire or burglar alarm. */
final class BasementAlarmException implements RuleException
{
    public function id(): string
    {
        return 'nec-210.8(A)(5)-alarm';
    }

    public function clauses(): Clauses
    {
        return Clauses::nec('210.8(A)(5) exception', '210.8(A)(5) exception', '210.8(A)(5) exception', null);
    }

    public function reason(): string
    {
        return 'It supplies only a permanently installed burglar alarm.';
    }

    public function lifts(Rule $rule, Site $site): bool
    {
        return $rule instanceof Basements && $site->point->serves() === Serves::Security;
    }
}
