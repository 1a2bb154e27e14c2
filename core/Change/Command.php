<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** One thing that is done to a house, as it was said: what the house is then follows from the two, wherever that is worked out. */
interface Command
{
    /**
     * @param Asker $by who does it, and when
     *
     * @throws \Bouclier\Core\Exchange\BadHouseFile when it names what the house does not have, or leaves no house
     * @throws \Bouclier\Core\House\NotThere
     * @throws \Bouclier\Core\Live\NotProved
     */
    public function on(House $house, Asker $by): House;

    /**
     * What it is called in the history.
     *
     * @param House $house before it
     *
     * @return string|null null where it is told by what it changes
     */
    public function summary(House $house): ?string;
}
