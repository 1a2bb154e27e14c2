<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\Feed\Trace\TracedCables;
use Bouclier\Core\Feed\Trace\Tracer;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** What is certain of the runs taken over as cables: from here on verdicts rest on them. */
final readonly class KeepRuns implements Told
{
    public static function told(Body $body): self
    {
        return new self();
    }

    public function on(House $house, Asker $by): House
    {
        return TracedCables::into($house, (new Tracer($house, Observations::of($house)->seen))->trace());
    }

    public function summary(House $house): null
    {
        return null;
    }
}
