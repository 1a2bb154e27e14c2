<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\House;

/** What tells the pairs of one opened box apart: readings that prove the feed, and what died as a pair was lifted. The last word stands. */
final class PairsSeen
{
    private ?string $feed = null;

    /** @var array<true> pairs that are shown not to be the feed, by their letters */
    private array $goesOn = [];

    /** @var array<list<string>> points that died with a pair while its own box stayed live, by the letter of the pair */
    private array $diedWith = [];

    /** @var array<list<PairRead>> by the letter of the pair */
    private array $reads = [];

    private function __construct(private readonly ?int $counted)
    {
    }

    public static function at(House $house, string $point): self
    {
        $pairs = new self(BoxOpened::pairsAt($house, $point));
        foreach (Observations::of($house)->seen as $seen) {
            if ($seen instanceof PairRead && $seen->point === $point) {
                $pairs->reads[$seen->pair][] = $seen;
                if ($seen->by->isProof()) {
                    $pairs->say($seen->pair, $seen->live);
                }
            }
            if ($seen instanceof PairLifted && $seen->point === $point) {
                $isFeed = in_array($point, $seen->dead, true);
                $pairs->say($seen->pair, $isFeed);
                $pairs->diedWith[$seen->pair] = $isFeed ? [] : $seen->dead;
            }
        }

        return $pairs;
    }

    /** @return list<string> a, b, … */
    public function names(): array
    {
        return BoxOpened::names($this->counted ?? 0);
    }

    /** The pair that is the feed; null while nothing tells. */
    public function feed(): ?string
    {
        return $this->feed;
    }

    /** @return bool|null null while nothing tells */
    public function isFeed(string $pair): ?bool
    {
        return match (true) {
            $this->feed === $pair => true,
            $this->feed !== null || isset($this->goesOn[$pair]) => false,
            default => null,
        };
    }

    /** @return list<PairRead> what was read on a pair, be it a proof or none */
    public function reads(string $pair): array
    {
        return $this->reads[$pair] ?? [];
    }

    /** @return list<string> points that a pair is shown to lead to */
    public function beyond(string $pair): array
    {
        return $this->diedWith[$pair] ?? [];
    }

    /** The pair that leads to an outlet: what died shows it, or only one goes on. Null where nothing says which. */
    public function towards(string $point): ?string
    {
        foreach ($this->diedWith as $pair => $dead) {
            if (in_array($point, $dead, true)) {
                return (string) $pair;
            }
        }
        $onward = $this->feed === null ? [] : array_values(array_diff($this->names(), [$this->feed]));

        return count($onward) === 1 ? $onward[0] : null;
    }

    private function say(string $pair, bool $isFeed): void
    {
        if ($isFeed) {
            $this->feed = $pair;
            unset($this->goesOn[$pair]);
        } else {
            $this->goesOn[$pair] = true;
            $this->feed = $this->feed === $pair ? null : $this->feed;
        }
    }
}
