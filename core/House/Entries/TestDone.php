<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** Something done in a call, and what it showed. */
final readonly class TestDone implements Entry
{
    use Identified;

    public function __construct(
        public Loose $action,
        public Loose $reading,
        #[Said(Value::Time)]
        public ?string $atTime = null,
        public ?string $who = null,
        #[Said(Value::Id)]
        public ?string $id = null,
        public ?object $x = null,
    ) {
    }

    public static function list(): EntryList
    {
        return EntryList::Tests;
    }
}
