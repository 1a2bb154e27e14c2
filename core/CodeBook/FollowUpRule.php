<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** A rule that asks because other rules ask: a replacement brought up to what the edition now wants at that place. */
interface FollowUpRule extends Rule
{
    /**
     * As {@see Rule::binds}, knowing what the other rules asked for at this outlet.
     *
     * @param non-empty-list<Demand> $demands
     */
    public function bindsAfter(Site $site, array $demands): ?string;
}
