<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\Feed\Observed\Observation;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\House\House;

/** The `observations` of a house file, all of them or none. */
final class ObservationReader
{
    /**
     * @return array<int, Observation> by their place in the file
     *
     * @throws BadHouseFile
     */
    public static function of(House $house): array
    {
        $read = Observations::of($house);

        return $read->faults === [] ? $read->seen : throw new BadHouseFile($read->faults);
    }
}
