<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** A hypothesis with how likely it is now, and the house as it then stands. */
final class Cause
{
    public float $probability = 0.0;

    /** What it weighed before anything was read. */
    public float $before = 0.0;

    /** @var array<int, bool> whether a test speaks for it or against it, by its number; not there where it does neither */
    public array $speaks = [];

    /** @var list<string> what was seen that speaks for it */
    public array $for = [];

    /** @var list<string> */
    public array $against = [];

    /** @var list<string> ids of causes that no reading could tell from it */
    public array $sameAs = [];

    /** @var list<array{Belief, float}> at its severities, the one that fits best first, with its share in the probability */
    public array $beliefs = [];

    public function __construct(public readonly Hypothesis $hypothesis)
    {
    }

    public function isSameAs(self $other): void
    {
        $this->sameAs[] = $other->hypothesis->id;
        $other->sameAs[] = $this->hypothesis->id;
    }
}
