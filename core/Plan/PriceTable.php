<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

use Bouclier\Core\House\House;

/** What parts cost, how long things take, and what an hour costs: a crew's own, ours where it does not say. */
final readonly class PriceTable
{
    private const USUAL_RATE_PER_HOUR = 95.0;

    public float $ratePerHour;

    /**
     * @param array<string, float> $prices by value of {@see Item}
     * @param array<string, float> $minutes by value of {@see Task}
     * @param float|null $ownRate per hour; null for ours
     */
    public function __construct(
        private array $prices = [],
        private array $minutes = [],
        private ?float $ownRate = null,
    ) {
        $this->ratePerHour = $ownRate ?? self::USUAL_RATE_PER_HOUR;
    }

    /** As the house file says: `prices`, `minutes`, `rate_per_hour`. */
    public static function of(House $house): self
    {
        return self::in([
            'prices' => $house->sections['prices'] ?? [],
            'minutes' => $house->sections['minutes'] ?? [],
            'rate_per_hour' => $house->sections['rate_per_hour'] ?? null,
        ]);
    }

    /** @param array<mixed> $said as {@see said()} says it, or as much of it as there is */
    public static function in(array $said): self
    {
        $rate = $said['rate_per_hour'] ?? null;

        return new self(
            self::numbers($said['prices'] ?? []),
            self::numbers($said['minutes'] ?? []),
            is_int($rate) || is_float($rate) ? (float) $rate : null,
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

    /** With what another says in the place of what this one does. */
    public function and(self $other): self
    {
        return new self([...$this->prices, ...$other->prices], [...$this->minutes, ...$other->minutes], $other->ownRate ?? $this->ownRate);
    }

    /** @param float|null $value what a part costs, or minutes; null puts ours back */
    public function with(Item|Task $line, ?float $value): self
    {
        return $line instanceof Item
            ? new self(self::set($this->prices, $line->value, $value), $this->minutes, $this->ownRate)
            : new self($this->prices, self::set($this->minutes, $line->value, $value), $this->ownRate);
    }

    /** @param float|null $rate per hour; null puts ours back */
    public function withRate(?float $rate): self
    {
        return new self($this->prices, $this->minutes, $rate);
    }

    public function isOwn(Item|Task $line): bool
    {
        return array_key_exists($line->value, $line instanceof Item ? $this->prices : $this->minutes);
    }

    public function isOwnRate(): bool
    {
        return $this->ownRate !== null;
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

    /** @return array<string, array<string, float>|float> what is not ours, as the file has it; empty where all of it is */
    public function own(): array
    {
        return array_filter(
            ['prices' => $this->prices, 'minutes' => $this->minutes, 'rate_per_hour' => $this->ownRate],
            fn(array|float|null $one): bool => $one !== [] && $one !== null,
        );
    }

    /**
     * @param array<string, float> $list
     *
     * @return array<string, float>
     */
    private static function set(array $list, string $name, ?float $value): array
    {
        unset($list[$name]);

        return $value === null ? $list : [...$list, $name => $value];
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
