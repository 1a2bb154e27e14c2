<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Networks;

/**
 * One way the house may stand under a cause: what is open, whether what comes and goes shows just now, and what is known of each device's
 * own threshold.
 */
final class World
{
    /** @var array<array{float, float}> milliamperes between which the threshold of a device lies, by its id */
    public array $thresholds = [];

    /** @var array<array<bool>> devices known to open after another one when both see enough, by the id of the first */
    public array $before = [];

    /** How hard the cause is, as far as readings tell. */
    public HowHard $howHard;

    private ?HouseGrid $grid = null;

    /** @param LeakageKnown $leakages what is known of what appliances leak in order */
    public function __construct(
        public Condition $condition,
        public bool $shows,
        public float $weight,
        public LeakageKnown $leakages,
    ) {
        $this->howHard = new HowHard();
    }

    public function __clone()
    {
        $this->condition = clone $this->condition;
    }

    /** @return array<mixed> all but the network, which is built again when it is asked for */
    public function __serialize(): array
    {
        return array_diff_key(get_object_vars($this), ['grid' => null]);
    }

    /** To be called when the condition has changed. */
    public function changed(): void
    {
        $this->grid = null;
    }

    public function grid(Networks $networks): HouseGrid
    {
        return $this->grid ??= $networks->build($this->condition);
    }

    public function opens(string $id): void
    {
        $this->condition->opens($id);
        $this->grid = null;
    }

    public function closes(string $id): void
    {
        $this->condition->closes($id);
        $this->grid = null;
    }

    public function isOpen(string $id): bool
    {
        return isset($this->condition->open[$id]);
    }

    /** @return list<string> devices and breakers that stand open */
    public function open(): array
    {
        return array_map(strval(...), array_keys($this->condition->open));
    }

    /** Worlds of one key go on in the same way. */
    public function key(): string
    {
        $open = array_keys($this->condition->open);
        sort($open);

        $thresholds = implode(
            ',',
            array_map(
                fn(string $id, array $between): string => sprintf('%s %.1f %.1f', $id, ...$between),
                array_map(strval(...), array_keys($this->thresholds)),
                $this->thresholds,
            ),
        );

        return ($this->shows ? '!' : '') . implode(',', $open) . "|$thresholds";
    }
}
