<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Dangers;

use Bouclier\Core\Practice\Deeds\Deed;
use Bouclier\Core\Practice\Visit;

/** One way of getting hurt, or of hurting somebody. Each is a class, and a line in {@see self::ALL}. */
abstract readonly class DangerRule
{
    /** @var list<class-string<DangerRule>> in the order they are looked for */
    public const ALL = [HandsNotProved::class, MeterNotTried::class, PowerOnApart::class, ClosedIntoShort::class];

    /** Null where this deed does not hurt in this way. */
    abstract protected static function sees(Visit $visit, Deed $deed): ?Danger;

    public static function first(Visit $visit, Deed $deed): ?Danger
    {
        foreach (self::ALL as $rule) {
            $danger = $rule::sees($visit, $deed);
            if ($danger !== null) {
                return $danger;
            }
        }

        return null;
    }

    /** In the words of a list: "hands in a box that was not proved dead". */
    abstract public static function label(): string;

    /** What stands in {@see Danger::$rule}. */
    final public static function name(): string
    {
        return substr((string) strrchr(static::class, '\\'), 1);
    }

    final protected static function danger(string $title, string $wouldHave, string $why, string $instead): Danger
    {
        return new Danger(static::name(), $title, $wouldHave, $why, $instead);
    }
}
