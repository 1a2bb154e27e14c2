<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\FixtureKind;

/** A rule that counts distance to water wherever it is in a room: drawn on the room's ruler. */
interface Reach extends HasDistance
{
    /** @return non-empty-list<FixtureKind> what the distance is measured to */
    public function fixtures(): array;
}
