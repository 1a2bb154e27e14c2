<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\LengthUnit;

/** Lengths as they are spoken on site, to decimal feet and back: `2'6`, `2'6"`, `2.5ft`, `30in`, `1.2m`, and the same in several words. */
final class Length
{
    private const UNITS = [
        'ft' => 1.0, "'" => 1.0, 'foot' => 1.0, 'feet' => 1.0, 'in' => 1 / 12, 'inch' => 1 / 12, 'inches' => 1 / 12, '"' => 1 / 12,
        "''" => 1 / 12,
        'm' => 1 / LengthUnit::METRES_PER_FOOT, 'metre' => 1 / LengthUnit::METRES_PER_FOOT, 'metres' => 1 / LengthUnit::METRES_PER_FOOT,
        'meter' => 1 / LengthUnit::METRES_PER_FOOT, 'meters' => 1 / LengthUnit::METRES_PER_FOOT, 'cm' => 0.01 / LengthUnit::METRES_PER_FOOT,
    ];

    /** Decimal feet of one word, null when it is not a length with its unit. */
    public static function feet(string $plain): ?float
    {
        if (preg_match(
            '/^(\d{1,4}(?:\.\d{1,6})?)(?:\'|ft|foot|feet)(\d{1,2}(?:\.\d{1,4})?)(?:"|\'\'|in|inch|inches)?$/',
            $plain,
            $m,
        ) === 1) {
            return self::rounded((float) $m[1] + (float) $m[2] / 12);
        }
        if (preg_match('/^(\d{1,4}(?:\.\d{1,20})?)(\D+)$/', $plain, $m) === 1 && isset(self::UNITS[$m[2]])) {
            return self::of((float) $m[1], $m[2]);
        }

        return null;
    }

    /** A number in digits or as it is said, null when it is none. */
    public static function number(string $plain): ?float
    {
        return preg_match('/^\d{1,4}(?:\.\d{1,6})?$/', $plain) === 1 ? (float) $plain : (Shorthand::NUMBERS[$plain] ?? null);
    }

    public static function isUnit(string $plain): bool
    {
        return isset(self::UNITS[$plain]);
    }

    public static function of(float $number, string $unit): float
    {
        return self::UNITS[$unit] === 1.0 ? $number : self::rounded($number * self::UNITS[$unit]);
    }

    public static function isInches(string $unit): bool
    {
        return self::UNITS[$unit] === 1 / 12;
    }

    /** One word that reads back as exactly this length, in the unit where that loses nothing. */
    public static function written(float $ft, LengthUnit $unit): string
    {
        if ($unit->isMetric()) {
            $word = json_encode(round($ft * LengthUnit::METRES_PER_FOOT, 3), JSON_THROW_ON_ERROR) . 'm';
            if (self::feet($word) === $ft) {
                return $word;
            }
        }
        $inches = round($ft * 12, 2);
        $word = sprintf("%d'%s", intdiv((int) floor($inches), 12), rtrim(rtrim(number_format(fmod($inches, 12), 2, '.', ''), '0'), '.'));

        return self::feet($word) === $ft ? $word : json_encode($ft, JSON_THROW_ON_ERROR) . 'ft';
    }

    /** As it is said: `2 ft 6 in`, to a quarter inch; `0.76 m` in metres. */
    public static function spoken(float $ft, LengthUnit $unit): string
    {
        if ($unit->isMetric()) {
            return rtrim(rtrim(number_format($ft * LengthUnit::METRES_PER_FOOT, 2, '.', ''), '0'), '.') . ' m';
        }
        $quarters = (int) round($ft * 48);
        $feet = intdiv($quarters, 48);
        $inches = ($quarters % 48) / 4;

        return trim(($feet > 0 || $inches === 0 ? "$feet ft" : '') . ($inches > 0 ? " $inches in" : ''));
    }

    /** 20 rather than 20.0, as a file would have it. */
    public static function lean(float $number): int|float
    {
        return floor($number) === $number ? (int) $number : $number;
    }

    private static function rounded(float $ft): float
    {
        return round($ft, 4);
    }
}
