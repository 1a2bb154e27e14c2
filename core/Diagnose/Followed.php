<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** One cause at one severity, and its weight so far. */
final class Followed
{
    /** @param float $log of prior and likelihood together */
    public function __construct(
        public readonly Hypothesis $hypothesis,
        public readonly Belief $belief,
        public readonly int $variant,
        public float $log,
    ) {
    }
}
