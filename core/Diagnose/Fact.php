<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\Entries\TestDone;

/** Something done since the call came in, and what it showed. */
final readonly class Fact
{
    /**
     * @param bool $isOfCall whether it is a test of the call, and not read or turned elsewhere in the app
     * @param bool $stands whether all it names is still there
     */
    public function __construct(
        public TestDone $done,
        public bool $isOfCall,
        public bool $stands = true,
    ) {
    }

    /** The same naming what is not there any more. */
    public function fallen(): self
    {
        return new self($this->done, $this->isOfCall, false);
    }
}
