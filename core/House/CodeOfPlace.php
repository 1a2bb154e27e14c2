<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The edition the local authority has adopted, with its amendments. */
final readonly class CodeOfPlace
{
    use With;

    /**
     * @param list<Amendment>|null $amendments
     */
    public function __construct(
        public Edition $edition,
        #[Said(Value::Many, Amendment::class)]
        public ?array $amendments = null,
        public ?object $x = null,
    ) {
    }

    /** @return list<Amendment> */
    public function amendments(): array
    {
        return $this->amendments ?? [];
    }
}
