<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_12;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/** NEC 210.12(B) in 2014, (D) in 2017 and 2020, (E) in 2023: existing wiring in a listed room that is extended or altered. */
final class Extensions implements Rule, UsesData
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
        $binding = $site->work === Work::Extend ? Duty::binding($site) : null;
        if ($binding === null) {
            return null;
        }
        $extended = $site->context->marksExtension() || $site->point->work === Work::Extend
            ? 'It is part of what is added.'
            : 'Its circuit is extended or altered; no cable is marked as added, so the whole house is taken as the extension.';

        return "$extended " . BranchCircuits::fact($site, $binding);
    }

    public function uses(Edition $edition): array
    {
        return Duty::inWords($edition);
    }
}
