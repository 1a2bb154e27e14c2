<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Edition;

/** A rule or exception that rests on limits, rooms or dates: the data of its clause, to be read. */
interface UsesData
{
    /** @return list<string> in words, as that edition has them */
    public function uses(Edition $edition): array;
}
