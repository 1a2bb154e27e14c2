<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/**
 * What an appliance leaks as far as it is known, in mA at 120 V: what it is taken to leak, in phase and in quadrature, and one standard
 * deviation of each.
 */
final readonly class LeakageRange
{
    /** Part of what somebody wrote, who neither clamped it nor said what sort of thing it is, by which it may be off. */
    private const WRITTEN = 0.3;

    /** What a clamp was off by that read it: as part of the reading, and a fixed amount. */
    private const CLAMPED = [0.02, 0.03];

    /** Part of what is unsure of a class that goes for all of a house: age, damp, filters, and how well we know the class. */
    private const SHARED = 0.5;

    /** @param float $shared part of its variance that it shares with others */
    public function __construct(
        public float $resistiveMa,
        public float $capacitiveMa,
        public float $resistiveOff,
        public float $capacitiveOff,
        public float $shared = 0.0,
    ) {
    }

    /** Of what was clamped next to nothing is unsure; else it may leak all that its class does, by the crew's own range if it has one. */
    public static function of(Appliance $appliance, LeakageLibrary $library): self
    {
        $leaks = $appliance->leakage ?? $library->typical($appliance->class) ?? new Leakage();
        $resistive = $leaks->resistiveMa ?? 0.0;
        $capacitive = $leaks->capacitiveMa ?? 0.0;
        $class = ApplianceClass::tryFrom($appliance->class ?? '');
        if ($appliance->measured !== true && $class !== null) {
            [$least, $most, $leastAcross, $mostAcross] = $library->range($class);

            return new self($resistive, $capacitive, self::even($most - $least), self::even($mostAcross - $leastAcross), self::SHARED);
        }
        [$part, $fixed] = $appliance->measured === true ? self::CLAMPED : [self::WRITTEN, 0.0];
        $off = fn(float $ma): float => $ma === 0.0 ? 0.0 : $part * $ma + $fixed;

        return new self($resistive, $capacitive, $off($resistive), $off($capacitive));
    }

    public function isSure(): bool
    {
        return $this->resistiveOff === 0.0 && $this->capacitiveOff === 0.0;
    }

    /** One standard deviation of what lies anywhere between two bounds. */
    private static function even(float $width): float
    {
        return max(0.0, $width) / sqrt(12.0);
    }
}
