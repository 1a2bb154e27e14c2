<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** A command that sets fields of parts: two of them that set the same one otherwise clash, all others go together. */
interface Sets extends Command
{
    /** @return list<Patch> part by part */
    public function patches(House $house, Asker $by): array;
}
