<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Article760;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/** NEC 760.41(B) and 760.121(B): the supply of a fire alarm system must not be on a GFCI or AFCI at all. */
final class FireAlarmException implements RuleException
{
    public function id(): string
    {
        return 'nec-760-fire-alarm';
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('760.41(B), 760.121(B)');
    }

    public function reason(): string
    {
        return 'The supply of a fire alarm system is kept off GFCI and AFCI: a trip would silence it. Smoke alarms are not such a system.';
    }

    public function lifts(Rule $rule, Site $site): bool
    {
        return $site->point->serves() === Serves::FireAlarm && in_array($rule->asksFor(), [Protection::Gfci, Protection::Afci], true);
    }
}
