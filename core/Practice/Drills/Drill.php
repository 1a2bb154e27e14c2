<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Drills;

use Bouclier\Core\Practice\DrawnFrom;

/** One thing to be done over and over, a box at a time, until the hands know it. Each is a class, and a line in {@see self::ALL}. */
abstract readonly class Drill
{
    /** @var list<class-string<Drill>> */
    public const ALL = [FindLine::class, OldToNew::class, LampPattern::class, WhereAsked::class];

    /** Boxes of one round. */
    public const ROUND = 10;

    abstract public static function name(): string;

    abstract public static function label(): string;

    /** What is to be done, in a line. */
    abstract public static function means(): string;

    abstract protected static function drawn(DrawnFrom $from): DrillBox;

    /** @return class-string<Drill>|null */
    public static function named(string $name): ?string
    {
        foreach (self::ALL as $drill) {
            if ($drill::name() === $name) {
                return $drill;
            }
        }

        return null;
    }

    public static function labelOf(string $name): string
    {
        $drill = self::named($name);

        return $drill === null ? $name : $drill::label();
    }

    /** The same box for the same seed and number, on every machine. */
    final public static function box(int $seed, int $number): DrillBox
    {
        return static::drawn(new DrawnFrom(static::name() . " $seed $number"));
    }
}
