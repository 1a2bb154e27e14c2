<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\Observation;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\Feed\Observed\PairLifted;
use Bouclier\Core\Feed\Observed\PairRead;
use Bouclier\Core\Feed\Observed\WiresNoted;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\WhichBack;
use Bouclier\Core\Live\ToRead;

/** The pairs of a box, those that were counted brought together with the cables that are known. */
final class OpenBox
{
    /** @var array<int, Observation> */
    private readonly array $seen;

    public function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
        private readonly Point $point,
    ) {
        $this->seen = Observations::of($house)->seen;
    }

    /** @return list<PairInBox> by their letters where the box was opened, then cables no letter is known of, the feed first */
    public function pairs(): array
    {
        $cables = $this->feeds->cablesAt($this->point);
        $pairs = [];
        foreach ($this->names() as $name) {
            $cable = $this->cableOf($name, $cables);
            $cables = array_filter($cables, fn(Cable $other): bool => $other !== $cable);
            $pairs[$name] = $cable;
        }
        $open = array_keys(array_filter($pairs, fn(?Cable $cable): bool => $cable === null));
        if (count($open) === 1 && count($cables) === 1) {
            $pairs[$open[0]] = array_pop($cables);
        }
        usort($cables, fn(Cable $one, Cable $other): int => (int) $this->isInto($other) <=> (int) $this->isInto($one));

        return [
            ...array_map($this->pair(...), array_keys($pairs), $pairs),
            ...array_map(fn(Cable $cable): PairInBox => new PairInBox($this->point->id, null, $cable, $this->isInto($cable)), $cables),
        ];
    }

    /** @return list<string> */
    private function names(): array
    {
        $count = ToRead::pairsSeen($this->house, $this->point) ?? 0;

        return $count === 0 ? [] : array_map(fn(int $number): string => chr(ord('a') + $number), range(0, $count - 1));
    }

    private function pair(string $name, ?Cable $cable): PairInBox
    {
        $reads = array_values(
            array_filter(
                $this->seen,
                fn(Observation $seen): bool => $seen instanceof PairRead && $seen->point === $this->point->id && $seen->pair === $name,
            ),
        );

        return new PairInBox(
            $this->point->id,
            $name,
            $cable,
            $cable === null ? $this->isFeed($name) : $this->isInto($cable),
            $reads,
            WiresNoted::at($this->house, $this->point->id, WhichBack::Old)[$name] ?? null,
            WiresNoted::putAt($this->house, $this->point->id, $name),
        );
    }

    /** By a reading that proves it, or by what died when it was lifted. */
    private function isFeed(string $name): ?bool
    {
        foreach ($this->seen as $seen) {
            if (
                $seen instanceof PairRead
                && $seen->point === $this->point->id
                && $seen->by->isProof()
                && ($seen->live || $seen->pair === $name)
            ) {
                return $seen->live ? $seen->pair === $name : false;
            }
            if ($seen instanceof PairLifted && $seen->point === $this->point->id) {
                $died = in_array($this->point->id, $seen->dead, true);
                if ($seen->pair === $name || $died) {
                    return $died && $seen->pair === $name;
                }
            }
        }

        return null;
    }

    /** @param array<Cable> $cables */
    private function cableOf(string $name, array $cables): ?Cable
    {
        if ($this->isFeed($name) === true) {
            return array_values(array_filter($cables, $this->isInto(...)))[0] ?? null;
        }
        foreach ($this->seen as $seen) {
            if ($seen instanceof PairLifted && $seen->point === $this->point->id && $seen->pair === $name) {
                foreach ($cables as $cable) {
                    if (! $this->isInto($cable) && in_array($cable->to->point, $seen->dead, true)) {
                        return $cable;
                    }
                }
            }
        }

        return null;
    }

    private function isInto(Cable $cable): bool
    {
        return $cable->to->point === $this->point->id;
    }
}
