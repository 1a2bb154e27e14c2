<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section406_4D;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\FollowUpRule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Work;

/** NEC 406.4(D)(3) to (6): a receptacle changed in place is brought up to what the edition asks there today. */
abstract class Replacement implements FollowUpRule
{
    /** The clause, the same in every NEC edition. */
    abstract protected function number(): string;

    final public function clauses(): Clauses
    {
        return Clauses::everyNec($this->number());
    }

    /** Nothing by itself: it follows what other rules ask at the place. */
    final public function binds(Site $site): ?string
    {
        return null;
    }

    final public function bindsAfter(Site $site, array $demands): ?string
    {
        return $site->work === Work::Replace && $site->point->isReceptacle()
            ? "It is being replaced where {$demands[0]->clause} asks."
            : null;
    }
}
