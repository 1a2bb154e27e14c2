<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_12;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/** NEC 210.12(B) in 2014, (D) in 2017 and 2020, (E) in 2023: existing wiring in a listed room that is extended or altered. */
final class Extensions implements Rule
{
    public function id(): string
    {
        return 'nec-210.12-extensions';
    }

    public function asksFor(): Protection
    {
        return Protection::Afci;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec('210.12(B)', '210.12(D)', '210.12(D)', '210.12(E)');
    }

    public function reason(): string
    {
        return 'An extension brings AFCI with it: at the origin, or at the first receptacle of the existing circuit.';
    }

    public function binds(Site $site): ?string
    {
        return $site->work === Work::Extend && Duty::binding($site) !== null ? 'Its circuit is being extended or altered.' : null;
    }
}
