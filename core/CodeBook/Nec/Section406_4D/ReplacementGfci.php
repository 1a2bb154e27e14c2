<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section406_4D;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\FollowUpRule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/** NEC 406.4(D)(3): a receptacle replaced where the edition now asks for GFCI protection gets it. */
final class ReplacementGfci implements FollowUpRule
{
    public function id(): string
    {
        return 'nec-406.4(D)(3)-replacement-gfci';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clause(Edition $edition): ?string
    {
        return Clauses::everyNec($edition, '406.4(D)(3)');
    }

    public function reason(): string
    {
        return 'A replacement is brought up to what the edition asks at its place today.';
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
