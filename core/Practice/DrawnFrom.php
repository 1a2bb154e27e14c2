<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Draws of one seed, the same on every machine. */
final readonly class DrawnFrom
{
    private Randomizer $of;

    public function __construct(string $seed)
    {
        $this->of = new Randomizer(new Mt19937(crc32($seed)));
    }

    public function whole(int $from, int $to): int
    {
        return $this->of->getInt($from, $to);
    }

    /** One time in so many. */
    public function once(int $in): bool
    {
        return $this->whole(1, $in) === 1;
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return list<T>
     */
    public function shuffled(array $of): array
    {
        return array_map(fn(int $place): mixed => $of[$place], $this->of->shuffleArray(array_keys($of)));
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    public function any(array $of): mixed
    {
        return $of[$this->whole(0, count($of) - 1)];
    }
}
