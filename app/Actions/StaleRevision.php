<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Revision;
use Illuminate\Support\Collection;

/** Somebody else changed the house since the revision a change was made on. Carries what they did. */
final class StaleRevision extends \RuntimeException
{
    /** @param Collection<int, Revision> $since */
    public function __construct(
        public readonly int $current,
        public readonly Collection $since,
    ) {
        parent::__construct("The house has moved on to revision $current");
    }
}
