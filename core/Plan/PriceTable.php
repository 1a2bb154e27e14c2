<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\House;

/** What parts cost, how long things take, and what an hour costs: a crew's own, ours where it does not say. */
final readonly class PriceTable
{
    public const RATE_PER_HOUR = 95.0;

    /**
     * @param array<string, float> $prices by value of {@see Item}
     * @param array<string, float> $minutes by value of {@see Task}
     */
    public function __construct(
        private array $prices = [],
        private array $minutes = [],
        public float $ratePerHour = self::RATE_PER_HOUR,
    ) {
    }

    /** As the house file says: `prices`, `minutes`, `rate_per_hour`. */
    public static function of(House $house): self
    {
        $rate = $house->sections['rate_per_hour'] ?? self::RATE_PER_HOUR;

        return new self(
            self::numbers($house->sections['prices'] ?? []),
            self::numbers($house->sections['minutes'] ?? []),
            is_int($rate) || is_float($rate) ? (float) $rate : self::RATE_PER_HOUR,
        );
    }

    public function price(Item $item): float
    {
        return $this->prices[$item->value] ?? $item->usualPrice();
    }

    public function minutes(Task $task): float
    {
        return $this->minutes[$task->value] ?? $task->usualMinutes();
    }

    /** What a part and what is done with it come to, not rounded. */
    public function cost(?Item $item, Task $task): float
    {
        return ($item === null ? 0.0 : $this->price($item)) + $this->labour($this->minutes($task));
    }

    public function labour(float $minutes): float
    {
        return $minutes * $this->ratePerHour / 60.0;
    }

    /** @return array<string, float> */
    private static function numbers(mixed $said): array
    {
        $numbers = [];
        foreach ((array) $said as $name => $number) {
            if (is_int($number) || is_float($number)) {
                $numbers[(string) $name] = (float) $number;
            }
        }

        return $numbers;
    }
}
