<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Crosses;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\FixtureKind;
use Bouclier\Core\House\LengthUnit;
use Bouclier\Core\House\Measured;

/** Distances of an outlet to water, as rules ask about them. */
final class HowFar
{
    /**
     * The shortest way to such a fixture that counts. A distance taken in plan stands in for the cord's, and the other way round: a
     * cord is never shorter.
     *
     * @param list<FixtureKind> $kinds
     * @param \Closure(Distance): bool $counts
     */
    public static function nearest(Site $site, array $kinds, \Closure $counts): ?Distance
    {
        $nearest = null;
        foreach ($site->point->distances() as $distance) {
            if (in_array($site->house->fixture($distance->fixture)->kind, $kinds, true)
                && $counts($distance)
                && ($nearest === null || $distance->ft < $nearest->ft)) {
                $nearest = $distance;
            }
        }

        return $nearest;
    }

    /** A length in decimal feet, or in metres. */
    public static function said(float $ft, LengthUnit $unit): string
    {
        return $unit->isMetric() ? self::plain($ft * LengthUnit::METRES_PER_FOOT) . ' m' : self::plain($ft) . ' ft';
    }

    /** How a distance was measured, in words. */
    public static function how(Distance $distance): string
    {
        return match (true) {
            $distance->measured === Measured::Horizontal => 'measured in plan',
            $distance->crosses() === Crosses::Door => 'measured along the path of a cord, through a door',
            default => 'measured along the path of a cord',
        };
    }

    private static function plain(float $length): string
    {
        return rtrim(rtrim(number_format($length, 2, '.', ''), '0'), '.');
    }
}
