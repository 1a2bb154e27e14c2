<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\Rank;

/** One cause at one severity, and its weight so far. */
final class Followed
{
    public static function inOrder(self $one, self $other): int
    {
        return Rank::higher(
            $one->log,
            $other->log,
            [...$one->hypothesis->order(), $one->variant],
            [...$other->hypothesis->order(), $other->variant],
        );
    }

    /** Before anything was read, as a logarithm. */
    public readonly float $before;

    /** @param float $log of prior and likelihood together */
    public function __construct(
        public readonly Hypothesis $hypothesis,
        public readonly Belief $belief,
        public readonly int $variant,
        public float $log,
    ) {
        $this->before = $log;
    }
}
