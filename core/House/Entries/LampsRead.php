<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

/** The three lamps of a receptacle tester as they were read. */
final readonly class LampsRead
{
    public function __construct(
        public bool $hn,
        public bool $hg,
        public bool $ng,
        public ?object $x = null,
    ) {
    }
}
