<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Instruments;
use Bouclier\Core\Network\Noise;
use Bouclier\Core\Network\Tripping;

/** How likely a reading is beside what should be read, and in which steps readings are told apart before they are made. */
final class Likelihood
{
    /** How likely a reading is that the cause does not allow: somebody misread, or a second thing is wrong. */
    public const SLIP = 0.005;

    /** How likely what is read is under a cause nobody thought of; and over how many volts a meter may then read. */
    public const ANYTHING = 0.1;
    private const ANY_VOLTS = 40.0;

    /** Widths of what is told apart when a test is chosen, before it is read: volts, and steps of a factor in milliamperes. */
    private const VOLTS_APART = 4.0;
    private const FACTOR_APART = 1.6;

    /** What is only supposed, in standard deviations, and how likely each is (Gauss and Hermite). */
    private const SURE = [[0.0, 1.0]];
    private const OFF = [[-1.732, 0.1667], [0.0, 0.6666], [1.732, 0.1667]];

    /** Milliamperes below which hardly anything is told apart. */
    private const MA_APART = 0.5;

    /**
     * @param Supposed $supposed with the cause as it is taken
     * @param float $without milliamperes without it
     */
    public static function milliamperes(float $read, Supposed $supposed, float $without, HowHard $howHard): float
    {
        return self::bell(
            $read,
            $howHard->of($supposed->ma, $without),
            Arithmetic::magnitude(
                Noise::milliamperes($supposed->ma),
                Arithmetic::magnitude($howHard->spread($supposed->ma, $without), $supposed->off),
            ),
            Noise::MA_FIXED,
            self::anyMilliamperes($read),
        );
    }

    /**
     * @param float $with volts with the cause as it is taken, and without it
     * @param float $deviation volts that the meter, and what nobody knows of the house, may make of it
     */
    public static function volts(float $read, float $with, float $without, HowHard $howHard, float $deviation): float
    {
        return self::bell(
            $read,
            $howHard->of($with, $without),
            Arithmetic::magnitude($deviation, $howHard->spread($with, $without)),
            Noise::VOLTS_FIXED,
            self::ANY_VOLTS,
        );
    }

    /** Of a reading where what is read floats: often next to nothing, else anything up to the most. */
    public static function floating(float $read): float
    {
        $any = $read > Instruments::FLOATING_VOLTS + 3.0 * Noise::volts($read) ? self::SLIP : 0.5;

        return 0.5 * self::bell($read, 0.0, 2.0 * Noise::VOLTS_FIXED, Noise::VOLTS_FIXED, self::ANY_VOLTS)
            + $any * self::flat(Noise::VOLTS_FIXED, Instruments::FLOATING_VOLTS);
    }

    /** Of a reading when nothing is known of what it should be. */
    public static function ofAnyVolts(): float
    {
        return self::flat(Noise::VOLTS_FIXED, self::ANY_VOLTS);
    }

    public static function ofAnyMilliamperes(float $read): float
    {
        return self::flat(Noise::MA_FIXED, self::anyMilliamperes($read));
    }

    /** In the finest step of a meter, where it reads just what it should. */
    public static function ofTrueMilliamperes(): float
    {
        return self::flat(Noise::MA_FIXED, 1.0);
    }

    /**
     * Points said to be live or dead beside what they are.
     *
     * @param bool $isWhole whether what is not said to be dead is live
     */
    public static function walked(HouseGrid $grid, Reading $reading, bool $isWhole): float
    {
        $said = array_fill_keys($reading->listed('live') ?? [], false);
        foreach ($reading->listed('dead') ?? [] as $point) {
            $said[$point] ??= true;
        }
        $wrong = 0;
        foreach (array_keys($grid->faces) as $point) {
            $isDead = $said[$point] ?? ($isWhole ? false : null);
            $wrong += $isDead !== null && ($grid->faceVolts((string) $point) < Tripping::LIVE_VOLTS) !== $isDead ? 1 : 0;
        }

        // Points that do not fit have one reason more often than each its own.
        return $wrong === 0 ? 1.0 : self::SLIP / $wrong;
    }

    public static function inVolts(float $volts): Chances
    {
        return self::between('volts', $volts / self::VOLTS_APART);
    }

    /** What floats shows, in steps: half of the time next to nothing, and the rest is told apart from nothing else. */
    public static function inFloatingVolts(): Chances
    {
        return (new Chances())->add(Outcome::step('volts', 0), 0.5)->add(Outcome::named('floating'), 0.5);
    }

    /** What is only supposed may be read less, or more: three points stand for all it may be. */
    public static function inMilliamperes(Supposed $supposed): Chances
    {
        $chances = new Chances();
        foreach ($supposed->off === 0.0 ? self::SURE : self::OFF as [$off, $share]) {
            $chances->addAll(self::step(max(0.0, $supposed->ma + $off * $supposed->off)), $share);
        }

        return $chances;
    }

    private static function step(float $milliamperes): Chances
    {
        return self::between('ma', Arithmetic::log(1.0 + $milliamperes / self::MA_APART) / Arithmetic::log(self::FACTOR_APART));
    }

    /** Volts a step stands for. */
    public static function voltsOf(Outcome $outcome): float
    {
        return $outcome->step * self::VOLTS_APART;
    }

    /** Milliamperes a step stands for. */
    public static function milliamperesOf(Outcome $outcome): float
    {
        return self::MA_APART * (Arithmetic::wholePower(self::FACTOR_APART, $outcome->step) - 1.0);
    }

    /** A value shared out between the two steps it lies between. */
    private static function between(string $name, float $steps): Chances
    {
        $below = (int) floor($steps);

        return (new Chances())
            ->add(Outcome::step($name, $below), 1.0 - ($steps - $below))
            ->add(Outcome::step($name, $below + 1), $steps - $below);
    }

    /** A reading beside what it should be, with how far it may be off, in units of the finest step of its meter; and, seldom, anything. */
    private static function bell(float $read, float $true, float $deviation, float $step, float $any): float
    {
        $off = ($read - $true) / $deviation;

        return (1.0 - self::SLIP) * 0.4 * $step * Arithmetic::exp(-0.5 * $off * $off) / $deviation + self::SLIP * self::flat($step, $any);
    }

    private static function flat(float $step, float $over): float
    {
        return 0.4 * $step / $over;
    }

    private static function anyMilliamperes(float $read): float
    {
        return 0.5 + 0.7 * $read;
    }
}
