<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/**
 * exp, log, powers and cosine from + - x / and square root, which IEEE 754 rounds alike everywhere: what ranks or cuts comes out the same
 * to the last bit on every machine. Those of a C library differ in it. After Sun's fdlibm, e_exp.c and e_log.c; within two units in the
 * last place of the true value.
 */
final readonly class Arithmetic
{
    private const LN2_HI = 6.93147180369123816490e-01;
    private const LN2_LO = 1.90821492927058770002e-10;
    private const LN2 = 0.6931471805599453;

    private const EXP = [
        1.66666666666666019037e-01,
        -2.77777777770155933842e-03,
        6.61375632143793436117e-05,
        -1.65339022054652515390e-06,
        4.13813679705723846039e-08,
    ];
    private const LOG = [
        6.666666666666735130e-01, 3.999999999940941908e-01, 2.857142874366239149e-01, 2.222219843214978396e-01, 1.818357216161805012e-01,
        1.531383769920937332e-01, 1.479819860511658591e-01,
    ];
    private const SQRT_HALF = 0.7071067811865476;

    /** Between these the exponential is neither nothing nor out of range. */
    private const LEAST = -745.0;
    private const MOST = 709.7;

    public static function exp(float $x): float
    {
        if ($x < self::LEAST || $x > self::MOST) {
            return $x < 0.0 ? 0.0 : INF;
        }
        $k = (int) floor($x / self::LN2 + 0.5);
        $hi = $x - $k * self::LN2_HI;
        $lo = $k * self::LN2_LO;
        $r = $hi - $lo;
        $t = $r * $r;
        [$p1, $p2, $p3, $p4, $p5] = self::EXP;
        $c = $r - $t * ($p1 + $t * ($p2 + $t * ($p3 + $t * ($p4 + $t * $p5))));

        return self::scaled(1.0 - (($lo - $r * $c / (2.0 - $c)) - $hi), $k);
    }

    /** Natural logarithm; minus infinity for zero. */
    public static function log(float $x): float
    {
        if ($x <= 0.0 || ! is_finite($x)) {
            return $x === 0.0 ? -INF : ($x > 0.0 ? INF : NAN);
        }
        $k = 0;
        for (; $x >= 256.0; $k += 8) {
            $x *= 0.00390625;
        }
        for (; $x < 0.00390625; $k -= 8) {
            $x *= 256.0;
        }
        for (; $x >= 2.0 * self::SQRT_HALF; ++$k) {
            $x *= 0.5;
        }
        for (; $x < self::SQRT_HALF; --$k) {
            $x *= 2.0;
        }
        $f = $x - 1.0;
        $s = $f / (2.0 + $f);
        $z = $s * $s;
        $w = $z * $z;
        [$l1, $l2, $l3, $l4, $l5, $l6, $l7] = self::LOG;
        $r = $w * ($l2 + $w * ($l4 + $w * $l6)) + $z * ($l1 + $w * ($l3 + $w * ($l5 + $w * $l7)));
        $half = 0.5 * $f * $f;

        return $k * self::LN2_HI - (($half - ($s * ($half + $r) + $k * self::LN2_LO)) - $f);
    }

    public static function log2(float $x): float
    {
        return self::log($x) / self::LN2;
    }

    /** @param float $base above zero */
    public static function power(float $base, float $exponent): float
    {
        return self::exp($exponent * self::log($base));
    }

    /** A whole power, by multiplying. */
    public static function wholePower(float $base, int $exponent): float
    {
        $power = 1.0;
        for ($one = 0; $one < abs($exponent); ++$one) {
            $power *= $base;
        }

        return $exponent < 0 ? 1.0 / $power : $power;
    }

    /** How long a phasor is. */
    public static function magnitude(float $re, float $im): float
    {
        return sqrt($re * $re + $im * $im);
    }

    /** The cosine of an angle in whole turns, from 0 to 1. */
    public static function cosineOfTurns(float $turns): float
    {
        // To the nearest quarter turn: what is left is 45 degrees at most.
        $quarter = (int) floor(4.0 * $turns + 0.5);
        $x = 2.0 * M_PI * ($turns - 0.25 * $quarter);
        [$cosine, $sine] = [self::series($x, 0), self::series($x, 1)];

        return match ($quarter % 4) {
            0 => $cosine,
            1 => -$sine,
            2 => -$cosine,
            default => $sine,
        };
    }

    /** The Taylor series of the cosine, or of the sine when it begins with the first power. */
    private static function series(float $x, int $first): float
    {
        $term = $sum = $first === 0 ? 1.0 : $x;
        for ($power = $first + 2; $power < 20; $power += 2) {
            $term *= -$x * $x / ($power * ($power - 1));
            $sum += $term;
        }

        return $sum;
    }

    private static function scaled(float $x, int $k): float
    {
        for (; $k > 7; $k -= 8) {
            $x *= 256.0;
        }
        for (; $k < -7; $k += 8) {
            $x *= 0.00390625;
        }
        for (; $k > 0; --$k) {
            $x *= 2.0;
        }
        for (; $k < 0; ++$k) {
            $x *= 0.5;
        }

        return $x;
    }
}
