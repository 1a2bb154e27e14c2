<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** A panel, or a sub-panel when it is fed from a circuit. */
final readonly class Panel
{
    use With;

    public function __construct(
        #[Said(Value::Id)]
        public string $id,
        public string $name,
        #[Said(Value::Id)]
        public ?string $area = null,
        #[Said(Value::Id)]
        public ?string $fedFrom = null,
        public ?Feeder $feeder = null,
        public ?object $x = null,
    ) {
    }
}
