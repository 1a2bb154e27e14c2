<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

/** Every kind of fault there is: the one list of them. */
final class Kinds
{
    /** @var list<class-string<Fault>> */
    public const ALL = [
        Leak::class,
        NeutralGround::class,
        Short::class,
        Open::class,
        HighResistance::class,
        Bootleg::class,
        Swap::class,
        SwapHotGround::class,
        SeriesArc::class,
        ParallelArc::class,
        BorrowedNeutral::class,
        ReversedLineLoad::class,
        SplitPair::class,
        DeadDevice::class,
        StuckDevice::class,
        WeakDevice::class,
        Intermittent::class,
    ];

    /**
     * @return class-string<Fault>
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
        throw new \OutOfBoundsException("there is no fault \"$name\"");
    }

    /** @return list<string> as a house file names them */
    public static function names(): array
    {
        return array_map(fn(string $kind): string => $kind::name(), self::ALL);
    }
}
