<?php

declare(strict_types=1);

namespace Bouclier\Core\Plan;

/** One way to arrange a part of the house: what it costs, how often one walks to reset, how near it comes to tripping, and the picks. */
final readonly class Arrangement
{
    /**
     * @param float $cost parts and labour
     * @param int $walks outlets whose protection is reset in another room
     * @param float $nearestMa what the device that is nearest to tripping may leak at worst, mA
     * @param list<self> $parts what it is put together from
     */
    public function __construct(
        public float $cost = 0.0,
        public int $walks = 0,
        public float $nearestMa = 0.0,
        private Pick|BreakerChoice|null $own = null,
        private array $parts = [],
    ) {
    }

    public function and(self $other): self
    {
        return new self(
            $this->cost + $other->cost,
            $this->walks + $other->walks,
            max($this->nearestMa, $other->nearestMa),
            null,
            [$this, $other],
        );
    }

    public function with(float $cost, int $walks, float $nearestMa, Pick|BreakerChoice $own): self
    {
        return new self($this->cost + $cost, $this->walks + $walks, max($this->nearestMa, $nearestMa), $own, [$this]);
    }

    /** @return list<Pick> of every box */
    public function picks(): array
    {
        return array_values(array_filter($this->chosen(), fn(Pick|BreakerChoice $one): bool => $one instanceof Pick));
    }

    /** @return list<BreakerChoice> of every group of circuits */
    public function breakers(): array
    {
        return array_values(array_filter($this->chosen(), fn(Pick|BreakerChoice $one): bool => $one instanceof BreakerChoice));
    }

    /** @return list<Pick|BreakerChoice> */
    private function chosen(): array
    {
        $chosen = [];
        $next = [$this];
        while (($one = array_pop($next)) !== null) {
            if ($one->own !== null) {
                $chosen[] = $one->own;
            }
            array_push($next, ...$one->parts);
        }

        return $chosen;
    }
}
