<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Network\Action;

/** Something worth doing next: what has to be done first, what is then read, and what it may show. */
final class Proposal
{
    public float $gainBits = 0.0;

    /** @var array<string, array{float, string|null}> chance of each outcome, and the id of the cause it would point to */
    public array $outcomes = [];

    /** @param non-empty-list<Action> $actions the last one is read */
    public function __construct(
        public readonly array $actions,
        public readonly float $minutes,
        public readonly bool $isLive,
    ) {
    }

    public function first(): Action
    {
        return $this->actions[0];
    }
}
