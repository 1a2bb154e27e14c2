<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

use Bouclier\Core\Feed\Observed\PairRead;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Entries\PairNoted;
use Bouclier\Core\House\Entries\WireNoted;
use Bouclier\Core\House\Landing;

/**
 * One pair of conductors in a box: what was read on it, whether it is the feed, and the cable it belongs to, each as far as it is known.
 */
final readonly class PairInBox
{
    /**
     * @param string|null $name a, b, … since the box was opened
     * @param bool|null $isFeed by a test that proves it, or by its cable
     * @param list<PairRead> $reads
     * @param WireNoted|null $sat where its wires sat on the device that came out
     * @param PairNoted|null $noted what was seen of its cable, as long as none is drawn
     * @param Landing|null $put where they are put with the new one, as long as no cable is drawn to say so
     */
    public function __construct(
        public string $point,
        public ?string $name,
        public ?Cable $cable,
        public ?bool $isFeed,
        public array $reads = [],
        public ?WireNoted $sat = null,
        public ?PairNoted $noted = null,
        private ?Landing $put = null,
    ) {
    }

    /** Where it lands in this box; null while that was not said. */
    public function landing(): ?Landing
    {
        foreach ([$this->cable?->to, $this->cable?->from] as $end) {
            if ($end instanceof CableEnd && $end->point === $this->point) {
                return $end->land ?? $this->put;
            }
        }

        return $this->put;
    }
}
