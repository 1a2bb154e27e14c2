<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\House\Between;
use Bouclier\Core\House\Half;

/** One reading of a meter in volts, at a half of a receptacle, at terminals of its device or at a pair of an open box. */
final readonly class VoltReading
{
    public function __construct(
        public float $volts,
        public ?string $point = null,
        public ?Half $half = null,
        public ?string $pair = null,
        public ?Between $between = null,
        public ?bool $lowZ = null,
        public ?Terminals $terminals = null,
    ) {
    }

    public static function fromData(\stdClass $data): self
    {
        $text = fn(string $key): ?string => is_string($data->{$key} ?? null) ? $data->{$key} : null;

        return new self(
            is_numeric($data->volts ?? null) ? (float) $data->volts : 0.0,
            $text('point'),
            Half::tryFrom($text('half') ?? ''),
            $text('pair'),
            Between::tryFrom($text('between') ?? ''),
            is_bool($data->low_z ?? null) ? $data->low_z : null,
            Terminals::tryFrom($text('terminals') ?? ''),
        );
    }

    public function toData(): \stdClass
    {
        return (object) array_filter([
            'point' => $this->point,
            'half' => $this->half?->value,
            'pair' => $this->pair,
            'terminals' => $this->terminals?->value,
            'between' => $this->between?->value,
            'volts' => $this->volts,
            'low_z' => $this->lowZ,
        ], fn(mixed $said): bool => $said !== null);
    }

    public function isAt(ToRead $place): bool
    {
        return $this->half === $place->half
            && $this->pair === $place->pair
            && $this->terminals === $place->terminals
            && $this->between === $place->between;
    }
}
