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
     * @param list<float> $more than it is taken to be
     * @param list<list<float>> $covariance
     */
    private function __construct(private array $more, private array $covariance)
    {
    }

    /**
     * @param list<float> $off one standard deviation of each, before anything was read
     * @param list<float> $shared part of each variance that all of them share: where one leaks much for its class, the others do, too
     */
    public static function of(array $off, array $shared): self
    {
        $covariance = [];
        foreach ($off as $one => $offOne) {
            $row = [];
            foreach ($off as $other => $offOther) {
                $isSamePhase = ($one - $other) % self::NUMBERS === 0;
                $row[] = $offOne * $offOther * match (true) {
                    $one === $other => 1.0,
                    $isSamePhase => sqrt($shared[$one] * $shared[$other]),
                    default => 0.0,
                };
            }
            $covariance[] = $row;
        }

        return new self(array_fill(0, count($off), 0.0), $covariance);
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
        foreach ($along as $one => $share) {
            foreach ($along as $other => $otherShare) {
                $sum += $share * $otherShare * $this->covariance[$one][$other];
            }
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
        $variance = $this->variance($along);
        if ($variance <= 0.0) {
            return $this;
        }
        $gain = [];
        foreach ($this->covariance as $number => $row) {
            $gain[$number] = 0.0;
            foreach ($along as $other => $share) {
                $gain[$number] += $row[$other] * $share;
            }
        }
        $after = $covariance = [];
        foreach ($this->covariance as $one => $row) {
            $after[] = $this->more[$one] + $gain[$one] * $more / $variance;
            $taken = $gain[$one] * (1.0 - $left) / $variance;
            $covariance[] = array_map(fn(float $both, float $byOther): float => $both - $taken * $byOther, $row, $gain);
        }

        return new self($after, $covariance);
    }
}
