<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Rank;

/** What may be shown, and how likely each is; chances of one thing are added up. */
final class Chances
{
    /** @var array<string, float> by key of the outcome */
    public array $of = [];

    /** @var array<string, Outcome> by its key */
    public array $outcomes = [];

    public function add(Outcome $outcome, float $chance): self
    {
        $this->of[$outcome->key] = ($this->of[$outcome->key] ?? 0.0) + $chance;
        $this->outcomes[$outcome->key] ??= $outcome;

        return $this;
    }

    /** What is shown in all likelihood; null where nothing is. */
    public function likeliest(): ?Outcome
    {
        $keys = array_keys($this->of);
        usort($keys, fn(string $one, string $other): int => Rank::higher($this->of[$one], $this->of[$other], $one, $other));

        return $keys === [] ? null : $this->outcomes[$keys[0]];
    }

    /** All of others, so many times as likely. */
    public function addAll(self $others, float $times): void
    {
        foreach ($others->of as $key => $chance) {
            $this->add($others->outcomes[$key], $chance * $times);
        }
    }
}
