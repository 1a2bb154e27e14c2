<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Deeds;

use Bouclier\Core\House\Places;
use Bouclier\Core\Practice\NotPossible;
use Bouclier\Core\Practice\Visit;

/** The circuits traced, as Trace leads through it: from then on the runs are drawn. */
final readonly class TraceRuns extends Deed
{
    public const NAME = 'trace_runs';

    /** A breaker off and on, and a look at each outlet. */
    private const MINUTES = 3.0;
    private const MINUTES_AN_OUTLET = 2.0;

    public function said(): array
    {
        return ['do' => self::NAME];
    }

    public function done(Places $places): string
    {
        return 'Trace the circuits: which breaker, which outlet after which';
    }

    public function minutes(Visit $visit): float
    {
        return self::MINUTES + self::MINUTES_AN_OUTLET * count($visit->case->house->points);
    }

    public function carryOut(Visit $visit): string
    {
        if ($visit->isTraced()) {
            throw new NotPossible('The runs are traced already.');
        }

        return 'the runs are drawn';
    }
}
