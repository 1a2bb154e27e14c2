<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

/**
 * What is known of what appliances leak in order, beside what they are taken to leak: how much more or less each is likely to, and how far
 * that may be off, in mA at 120 V. Two numbers an appliance, in phase and in quadrature. What was read of several together is known of
 * their sum, though not of each (a normal distribution with its covariances).
 */
final readonly class LeakageKnown
{
    /** Of each appliance: what it leaks in phase, and in quadrature. */
    public const NUMBERS = 2;

    /**
     * The covariance before anything was read is that of what each has of its own, and of what all share in phase and in quadrature; each
     * reading takes from it along one direction. Kept as such it is quick to ask, however many appliances there are.
     *
     * @param array<int, float> $more than it is taken to be, of each
     * @param list<float> $own variance that each has of its own, before anything was read
     * @param list<float> $common one standard deviation of each that goes with those of all others
     * @param list<array{array<int, float>, float}> $taken directions in which something was read, and how much of each
     */
    private function __construct(
        private array $more,
        private array $own,
        private array $common,
        private array $taken = [],
    ) {
    }

    /**
     * @param list<float> $off one standard deviation of each, before anything was read
     * @param list<float> $shared part of each variance that all of them share: where one leaks much for its class, the others do, too
     */
    public static function of(array $off, array $shared): self
    {
        return new self(
            array_fill(0, count($off), 0.0),
            array_map(fn(float $one, float $part): float => $one * $one * (1.0 - $part), $off, $shared),
            array_map(fn(float $one, float $part): float => $one * sqrt($part), $off, $shared),
        );
    }

    /** @return float mA by which one of them is more than it is taken to be */
    public function more(int $number): float
    {
        return $this->more[$number];
    }

    /**
     * @param array<int, float> $along how much each counts in what is read
     *
     * @return float mA² by which what is read may be off
     */
    public function variance(array $along): float
    {
        $sum = 0.0;
        foreach ($along as $number => $share) {
            $sum += $this->own[$number] * $share * $share;
        }
        foreach ($this->inCommon($along) as $common) {
            $sum += $common * $common;
        }
        foreach ($this->taken as [$direction, $much]) {
            $part = self::part($direction, $along);
            $sum -= $much * $part * $part;
        }

        return max(0.0, $sum);
    }

    /**
     * What is known after a reading: what was read is some mA more than it was taken to be, and may be off by less.
     *
     * @param array<int, float> $along how much each counts in what is read
     * @param float $more mA
     * @param float $left part of its variance that is left
     */
    public function told(array $along, float $more, float $left): self
    {
        $direction = $this->direction($along);
        $variance = self::part($direction, $along);
        if ($variance <= 0.0) {
            return $this;
        }
        $after = $this->more;
        foreach ($direction as $number => $with) {
            $after[$number] += $with * $more / $variance;
        }

        return new self($after, $this->own, $this->common, [...$this->taken, [$direction, (1.0 - $left) / $variance]]);
    }

    /**
     * @param array<int, float> $along how much each counts in what is read
     *
     * @return array<int, float> the covariance of each with what is read
     */
    private function direction(array $along): array
    {
        $common = $this->inCommon($along);
        $direction = [];
        foreach ($this->common as $number => $part) {
            $direction[] = $part * $common[$number % self::NUMBERS] + $this->own[$number] * ($along[$number] ?? 0.0);
        }
        foreach ($this->taken as [$taken, $much]) {
            $part = $much * self::part($taken, $along);
            foreach ($taken as $number => $with) {
                $direction[$number] -= $part * $with;
            }
        }

        return $direction;
    }

    /**
     * @param array<int, float> $along
     *
     * @return array{float, float} mA of one standard deviation of what all share, in phase and in quadrature
     */
    private function inCommon(array $along): array
    {
        $common = [0.0, 0.0];
        foreach ($along as $number => $share) {
            $common[$number % self::NUMBERS] += $this->common[$number] * $share;
        }

        return $common;
    }

    /**
     * @param array<int, float> $direction
     * @param array<int, float> $along
     */
    private static function part(array $direction, array $along): float
    {
        $sum = 0.0;
        foreach ($along as $number => $share) {
            $sum += $direction[$number] * $share;
        }

        return $sum;
    }
}
