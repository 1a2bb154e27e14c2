<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Serves;

/** NEC 210.8(A) exception, 2023: a receptacle fitted by the factory inside a bathroom exhaust fan, not readily accessible. */
final class FactoryFittedFanException implements RuleException
{
    public function id(): string
    {
        return 'nec-210.8(A)-bath-fan';
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, null, null, '210.8(A) exception');
    }

    public function reason(): string
    {
        return 'Fitted by the factory inside the exhaust fan and out of reach; unless the instructions of the fan ask for GFCI.';
    }

    public function lifts(Rule $rule, Site $site): bool
    {
        return $rule instanceof Bathrooms
            && $site->point->serves() === Serves::BathFan
            && $site->point->factoryFitted === true
            && ! $site->point->accessible();
    }
}
