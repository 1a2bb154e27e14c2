<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\RuleException;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Serves;

/** NEC 210.8(A)(3) exception: a receptacle not readily accessible, on a circuit dedicated to snow melting, deicing or pipe heating. */
final class SnowMeltingException implements RuleException
{
    public function id(): string
    {
        return 'nec-210.8(A)(3)-snow-melting';
    }

    public function clauses(): Clauses
    {
        return Clauses::everyNec('210.8(A)(3) exception');
    }

    public function reason(): string
    {
        return 'Snow melting, deicing or pipe heating on a circuit of its own, out of reach: no Class A protection asked. '
            . 'Ground-fault protection of equipment is still due (426.28, 427.22).';
    }

    public function lifts(Rule $rule, Site $site): bool
    {
        return $rule instanceof Outdoors
            && $site->point->serves() === Serves::SnowMelting
            && ! $site->point->accessible()
            && $site->feeds->isDedicated($site->point);
    }
}
