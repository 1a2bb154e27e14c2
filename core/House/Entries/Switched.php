<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** A breaker, or the main of a panel, turned at the panel. */
final readonly class Switched implements Entry
{
    use Identified;

    public function __construct(
        public bool $on,
        #[Said(Value::Id)]
        public ?string $circuit = null,
        #[Said(Value::Id)]
        public ?string $panel = null,
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
        return EntryList::Switched;
    }
}
