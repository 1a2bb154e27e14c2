<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section406_4D;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\FollowUpRule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/** NEC 406.4(D)(4): a receptacle replaced where the edition asks for AFCI protection gets it. 2014: where its circuit would; since 2017: where the outlet itself stands in a listed room. */
final class ReplacementAfci implements FollowUpRule
{
    public function id(): string
    {
        return 'nec-406.4(D)(4)-replacement-afci';
    }

    public function asksFor(): Protection
    {
        return Protection::Afci;
    }

    public function clause(Edition $edition): ?string
    {
        return Clauses::everyNec($edition, '406.4(D)(4)');
    }

    public function reason(): string
    {
        return 'Old wiring arcs too: a replacement brings AFCI with it, at the outlet, upstream or at the breaker.';
    }

    public function binds(Site $site): ?string
    {
        return null;
    }

    public function bindsAfter(Site $site, array $demands): ?string
    {
        return $site->work === Work::Replace && $site->point->isReceptacle()
            ? "It is being replaced where {$demands[0]->clause} asks."
            : null;
    }
}
