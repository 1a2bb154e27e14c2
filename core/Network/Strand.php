<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/**
 * One conductor of a cable in the network: its terminal at the box it leaves, its two ends between which the copper lies, and the branch it
 * is.
 */
final readonly class Strand
{
    /** @param int|null $branch null where the length is not known: electrically there is none, and both ends are one node */
    public function __construct(
        public int $terminal,
        public int $near,
        public int $far,
        public ?int $branch,
    ) {
    }
}
