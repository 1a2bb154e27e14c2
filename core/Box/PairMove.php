<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

use Bouclier\Core\House\Land;

/** One pair going from the old back to the new one. */
final readonly class PairMove
{
    /**
     * @param Land|null $oldHot where its hot sat, null when nobody noted it
     * @param Land|null $new where it goes, null while that is not decided
     * @param bool $changesEnd whether it sits at the other end of the new device, as far as both backs were read
     * @param string|null $objection why the old place is not to be copied
     */
    public function __construct(
        public PairInBox $pair,
        public ?Land $oldHot,
        public ?Land $oldNeutral,
        public ?Land $new,
        public bool $changesEnd,
        public ?string $objection,
    ) {
    }
}
