<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** What instruments show at the slots of every point of one network, each read once. */
final class SlotReadings
{
    /** @var array<Lamps> by point id */
    private array $lamps = [];

    /** @var array<array{hn: float|null, hg: float|null, ng: float|null}> by point id */
    private array $volts = [];

    public function __construct(private readonly Instruments $instruments, private readonly HouseGrid $grid)
    {
    }

    public function has(string $point): bool
    {
        return isset($this->grid->faces[$point]);
    }

    public function lamps(string $point): Lamps
    {
        return $this->lamps[$point] ??= $this->instruments->lamps($this->grid, $point);
    }

    /** @return array{hn: float|null, hg: float|null, ng: float|null} volts; null between two that float */
    public function volts(string $point): array
    {
        return $this->volts[$point] ??= $this->instruments->atSlots($this->grid, $point);
    }
}
