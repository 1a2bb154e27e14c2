<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** What became of a device, or of what hangs on it. */
final readonly class DeviceEvent implements Entry
{
    use Identified;

    public function __construct(
        public DeviceEventKind $event,
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
        #[Said(Value::Long)]
        public ?string $text = null,
        #[Said(Value::Id)]
        public ?string $id = null,
        public ?object $x = null,
    ) {
    }

    public static function list(): EntryList
    {
        return EntryList::DeviceHistory;
    }
}
