<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\Entries\Circumstance;

/** What the settled calls of a crew came to: how many to each cause, and what held at its place, beside how often that holds. */
final readonly class Learned
{
    /**
     * @param array<int> $calls by line of the table of {@see Priors}
     * @param array<array{held: int, of: int, share: float}> $with by factor: in how many calls it held, of how many, and at what share
     *        of the places it holds, on average
     */
    public function __construct(
        public array $calls = [],
        public array $with = [],
    ) {
    }

    /** @param list<array{string, list<Circumstance>}> $calls the line of each that was settled, with what held there */
    public static function of(array $calls): self
    {
        $with = [];
        foreach (array_merge([], ...array_column($calls, 1)) as $one) {
            $so = $with[$one->factor] ?? ['held' => 0, 'of' => 0, 'share' => 0.0];
            $with[$one->factor] = [
                'held' => $so['held'] + (int) $one->held,
                'of' => $so['of'] + 1,
                'share' => ($so['share'] * $so['of'] + $one->share) / ($so['of'] + 1),
            ];
        }

        return new self(array_count_values(array_column($calls, 0)), $with);
    }
}
