<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

use Bouclier\Core\House\Amendment;
use Bouclier\Core\House\Protection;

/** A demand that would have bound the outlet, had an exception or a local waiver not lifted it. */
final readonly class Exemption
{
    public function __construct(
        public Protection $from,
        public string $clause,
        public string $by,
        public string $why,
        public ?Amendment $amendment = null,
        public ?string $exceptionId = null,
    ) {
    }
}
