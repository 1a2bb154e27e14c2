<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Loose;

/** Every kind of action there is: the one list of them. */
final class Kinds
{
    /** @var list<class-string<Action>> */
    public const ALL = [
        Breaker::class,
        Reset::class,
        PressTest::class,
        Indicator::class,
        Plug::class,
        Unplug::class,
        SwitchOn::class,
        SwitchOff::class,
        UnplugAll::class,
        WithoutCord::class,
        WithCord::class,
        Move::class,
        Tester::class,
        TesterButton::class,
        Volts::class,
        NonContact::class,
        Clamp::class,
        Lift::class,
        Insulation::class,
        Inspect::class,
        Tighten::class,
        Wiggle::class,
        SwapDevice::class,
        Wait::class,
        Trial::class,
        Residual::class,
        Walk::class,
    ];

    /**
     * @return class-string<Action>
     *
     * @throws \OutOfBoundsException when there is no such kind
     */
    public static function named(string $name): string
    {
        foreach (self::ALL as $kind) {
            if ($kind::name() === $name) {
                return $kind;
            }
        }
        throw new \OutOfBoundsException("there is no action \"$name\"");
    }

    /**
     * One of our own, said as a house file would: nobody checks its places.
     *
     * @param array<mixed> $said by key
     */
    public static function said(array $said): Action
    {
        return self::named(is_string($said['do'] ?? null) ? $said['do'] : '')::of(new SaidOfAction(Loose::of($said)));
    }

    /** @return list<string> as a house file names them */
    public static function names(): array
    {
        return array_map(fn(string $kind): string => $kind::name(), self::ALL);
    }

    /** @return list<Field> every key any of them takes beside places */
    public static function takes(): array
    {
        return self::fields(fn(string $kind): array => $kind::takes());
    }

    /** @return list<Field> every key any of them shows */
    public static function reads(): array
    {
        return self::fields(fn(string $kind): array => $kind::reads());
    }

    /**
     * @param \Closure(class-string<Action>): list<Field> $of
     *
     * @return list<Field>
     */
    private static function fields(\Closure $of): array
    {
        $fields = [];
        foreach (self::ALL as $kind) {
            foreach ($of($kind) as $field) {
                $fields[$field->key] ??= $field;
            }
        }

        return array_values($fields);
    }
}
