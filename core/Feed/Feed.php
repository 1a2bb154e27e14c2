<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;

/** How one point gets its power, as far as the house knows. */
final readonly class Feed
{
    /**
     * @param Cable|null $cable the connected cable that feeds the point; null when none is known
     * @param Point|null $upstream the point that cable leaves; null for a home run or no feed
     * @param Circuit|null $circuit by the cables where they reach a breaker, else the one that is believed
     * @param list<string> $origins circuits of the home run the cables lead back to: one, two when it is shared, none while that is not
     *        traced
     */
    public function __construct(
        public ?Cable $cable,
        public ?Point $upstream,
        public ?Circuit $circuit,
        public array $origins,
    ) {
    }

    /** Whether two circuits run in the cables that feed it (multiwire). */
    public function isShared(): bool
    {
        return count($this->origins) > 1;
    }
}
