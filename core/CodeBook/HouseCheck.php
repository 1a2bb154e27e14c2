<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** Looks at circuits or rooms as a whole for one kind of finding. */
interface HouseCheck extends Check
{
    /**
     * @param list<PointAssessment> $judged
     *
     * @return list<Finding>
     */
    public function findings(Context $context, array $judged): array;
}
