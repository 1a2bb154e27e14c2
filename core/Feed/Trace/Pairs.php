<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

use Bouclier\Core\Feed\Observed\BoxOpened;

/** The pairs of one opened box as far as they are told apart: which is the feed, which go on. */
final class Pairs
{
    public ?string $feed = null;

    /** @var list<string> pairs known to go on, in the order in which that was found */
    public array $onward = [];

    /** @var list<string> pairs that were lifted, or whose lifting would show nothing more */
    public array $lifted = [];

    public function __construct(public readonly int $count)
    {
    }

    /** @return list<string> a, b, … */
    public function names(): array
    {
        return BoxOpened::names($this->count);
    }

    /** @throws Contradiction when another pair is the feed already, or this one goes on */
    public function isFeed(string $pair): void
    {
        if (($this->feed !== null && $this->feed !== $pair) || in_array($pair, $this->onward, true)) {
            throw new Contradiction();
        }
        $this->feed = $pair;
    }

    /**
     * @return int which of the runs it is, counted as they were found
     *
     * @throws Contradiction when it is the feed, or no pair would be left for the feed
     */
    public function goesOn(string $pair): int
    {
        $at = array_search($pair, $this->onward, true);
        if ($at === false) {
            $at = count($this->onward);
            $this->onward[] = $pair;
        }
        if ($this->feed === $pair || count($this->onward) >= $this->count) {
            throw new Contradiction();
        }

        return $at;
    }
}
