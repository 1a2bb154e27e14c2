<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Trace;

/** What facts say of one part of the house, before anything is tried out. */
final readonly class Known
{
    /**
     * @param array<int, Pairs> $boxes opened boxes by point number
     * @param array<int, list<int>> $runs nodes of the runs that go on from a box with several, by point number
     */
    public function __construct(
        public Relations $relations,
        public array $boxes,
        public array $runs,
    ) {
    }
}
