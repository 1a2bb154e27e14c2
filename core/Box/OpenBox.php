<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\PairNotes;
use Bouclier\Core\Feed\Observed\PairsSeen;
use Bouclier\Core\Feed\Observed\WiresNoted;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\WhichBack;

/** The pairs of a box, those that were counted brought together with the cables that are known. */
final class OpenBox
{
    private readonly PairsSeen $seen;

    public function __construct(
        private readonly House $house,
        private readonly FeedMap $feeds,
        private readonly Point $point,
    ) {
        $this->seen = PairsSeen::at($house, $point->id);
    }

    /** @return list<PairInBox> by their letters where the box was opened, then cables no letter is known of, the feed first */
    public function pairs(): array
    {
        $cables = $this->feeds->cablesAt($this->point);
        $pairs = [];
        foreach ($this->seen->names() as $name) {
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

    private function pair(string $name, ?Cable $cable): PairInBox
    {
        return new PairInBox(
            $this->point->id,
            $name,
            $cable,
            $cable === null ? $this->seen->isFeed($name) : $this->isInto($cable),
            $this->seen->reads($name),
            WiresNoted::at($this->house, $this->point->id, WhichBack::Old)[$name] ?? null,
            $cable === null ? PairNotes::of($this->house, $this->point->id, $name) : null,
            WiresNoted::putAt($this->house, $this->point->id, $name),
        );
    }

    /** @param array<Cable> $cables */
    private function cableOf(string $name, array $cables): ?Cable
    {
        $isFeed = $this->seen->isFeed($name) === true;
        foreach ($cables as $cable) {
            $isInto = $this->isInto($cable);
            if ($isFeed ? $isInto : ! $isInto && in_array($cable->to->point, $this->seen->beyond($name), true)) {
                return $cable;
            }
        }

        return null;
    }

    private function isInto(Cable $cable): bool
    {
        return $cable->to->point === $this->point->id;
    }
}
