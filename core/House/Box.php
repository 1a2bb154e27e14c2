<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The box of a point. Volume in cubic inches, free conductor and opening in inches. */
final readonly class Box
{
    use With;

    /**
     * @param bool|int|null $clamps
     * @param list<Connector>|null $connectors
     * @param bool|null $pigtail whether one leads from the grounds in the box to the device
     */
    public function __construct(
        public ?BoxMaterial $material = null,
        #[Said(Value::Positive)]
        public ?float $volumeIn3 = null,
        public bool|int|null $clamps = null,
        public ?float $freeIn = null,
        public ?float $pastFaceIn = null,
        public ?float $openingIn = null,
        public ?bool $groundsSpliced = null,
        public ?bool $pigtail = null,
        public ?bool $bonded = null,
        public ?int $pairs = null,
        #[Said(Value::Many, Connector::class)]
        public ?array $connectors = null,
        public ?bool $fixed = null,
        public ?object $x = null,
    ) {
    }

    /** @return list<Connector> */
    public function connectors(): array
    {
        return $this->connectors ?? [];
    }
}
