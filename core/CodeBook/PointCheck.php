<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** Looks at one outlet for one kind of finding. */
interface PointCheck extends Check
{
    /** @return list<Finding> */
    public function findings(Site $site, PointAssessment $judged): array;
}
