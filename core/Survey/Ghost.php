<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;

/** An outlet that a room usually has and nobody has confirmed. It is drawn, and counts for nothing. */
final readonly class Ghost
{
    /** @param string|null $fixture the water it would be measured to, where it stands along a counter */
    public function __construct(
        public Serves $serves,
        public PointKind $kind,
        public ?string $fixture,
        public ?float $ft,
    ) {
    }
}
