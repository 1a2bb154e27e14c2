<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** A protective device tested by a button. */
final readonly class DeviceTest implements Entry
{
    use Identified;

    public function __construct(
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
        public ?TestButton $by = null,
        public ?bool $tripped = null,
        public ?bool $resetHeld = null,
        public ?float $tripMs = null,
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
        return EntryList::DeviceTests;
    }
}
