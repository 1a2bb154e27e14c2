<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\FixtureKind;

/** A rule that counts distance to water: what is measured to, and how far it reaches. */
interface Reach extends Rule
{
    /** @return non-empty-list<FixtureKind> what the distance is measured to */
    public function fixtures(): array;

    /** The limit in feet: at this outlet with local amendments, or as the edition has it. */
    public function limitFt(?Site $site): float;
}
