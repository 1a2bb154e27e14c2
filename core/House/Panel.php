<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** A panel, or a sub-panel when it is fed from a circuit. */
final readonly class Panel
{
    public function __construct(
        public string $id,
        public string $name,
        public ?string $area = null,
        public ?string $fedFrom = null,
        public ?Feeder $feeder = null,
        public ?object $x = null,
    ) {
    }
}
