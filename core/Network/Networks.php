<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** Makes the network of a house in a condition: built anew, or from one that was solved before. */
interface Networks
{
    /** @param string|null $liftedAtPanel a circuit whose neutral is lifted at its panel */
    public function build(Condition $condition, ?string $liftedAtPanel = null): HouseGrid;
}
