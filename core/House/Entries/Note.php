<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** What was seen and fits no field. */
final readonly class Note implements Entry
{
    use Identified;

    public function __construct(
        #[Said(Value::Long)]
        public string $text,
        #[Said(Value::Id)]
        public ?string $area = null,
        #[Said(Value::Id)]
        public ?string $circuit = null,
        #[Said(Value::Id)]
        public ?string $point = null,
        #[Said(Value::Id)]
        public ?string $cable = null,
        #[Said(Value::Id)]
        public ?string $appliance = null,
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
        return EntryList::Notes;
    }
}
