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
        return self::in([
            'prices' => $house->sections['prices'] ?? [],
            'minutes' => $house->sections['minutes'] ?? [],
            'rate_per_hour' => $house->sections['rate_per_hour'] ?? self::RATE_PER_HOUR,
        ]);
    }

    /** @param array<mixed> $said as {@see said()} says it, or as much of it as there is */
    public static function in(array $said): self
    {
        $rate = $said['rate_per_hour'] ?? self::RATE_PER_HOUR;

        return new self(
            self::numbers($said['prices'] ?? []),
            self::numbers($said['minutes'] ?? []),
            is_int($rate) || is_float($rate) ? (float) $rate : self::RATE_PER_HOUR,
        );
    }

    /**
     * A house priced by a crew's own table, where it has one.
     *
     * @param array<string, mixed> $own as for {@see in()}
     */
    public static function pricing(House $house, array $own): House
    {
        return $own === [] ? $house : $house->with(sections: [...$house->sections, ...$own]);
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

    /** @return array{prices: array<string, float>, minutes: array<string, float>, rate_per_hour: float} all of it, as the file has it */
    public function said(): array
    {
        $prices = $minutes = [];
        foreach (Item::cases() as $item) {
            $prices[$item->value] = $this->price($item);
        }
        foreach (Task::cases() as $task) {
            $minutes[$task->value] = $this->minutes($task);
        }

        return ['prices' => $prices, 'minutes' => $minutes, 'rate_per_hour' => $this->ratePerHour];
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
