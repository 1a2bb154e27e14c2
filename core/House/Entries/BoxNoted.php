<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** How far a box is taken apart, or that it is made up again. */
final readonly class BoxNoted implements Entry
{
    use Identified;

    public function __construct(
        #[Said(Value::Id)]
        public string $point,
        public BoxState $state,
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
        return EntryList::Boxes;
    }
}
