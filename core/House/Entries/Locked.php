<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** A breaker locked or tagged while it is off. */
final readonly class Locked implements Entry
{
    use Identified;

    public function __construct(
        #[Said(Value::Id)]
        public string $circuit,
        public LockKind $how,
        public ?string $key = null,
        #[Said(Value::Time)]
        public ?string $atTime = null,
        public ?string $who = null,
        #[Said(Value::Long)]
        public ?string $text = null,
        #[Said(Value::Id)]
        public ?string $id = null,
        public ?object $x = null,
    ) {
    }

    public static function list(): EntryList
    {
        return EntryList::Locks;
    }
}
