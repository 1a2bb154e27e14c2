<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\Exchange\ObservationReader;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\OpenBoxes;

/** Something seen on the way along the runs. */
final readonly class Observe implements Command
{
    public function __construct(private Seen $seen)
    {
    }

    public function on(House $house, Asker $by): House
    {
        $after = $house->withEntry($this->seen->stamped($by->name, $by->now));
        ObservationReader::of($after);

        return OpenBoxes::observed($after, $this->seen, $by->name, $by->now);
    }

    public function summary(House $house): ?string
    {
        $seen = Observations::of($house->withEntry($this->seen))->seen;

        return ($seen[count($house->entries->all(Seen::class))] ?? null)?->spoken(new Codes($house));
    }
}
