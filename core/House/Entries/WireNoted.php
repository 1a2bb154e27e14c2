<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Land;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;
use Bouclier\Core\House\WhichBack;

/** Where the conductors of a pair sat as the old device came out, or where they are put with the new one. */
final readonly class WireNoted implements Entry
{
    use Identified;

    /** @param string $pair its letter since the pairs were counted */
    public function __construct(
        #[Said(Value::Id)]
        public string $point,
        public string $pair,
        public WhichBack $back,
        public ?Land $hot = null,
        public ?Land $neutral = null,
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
        return EntryList::Wires;
    }
}
