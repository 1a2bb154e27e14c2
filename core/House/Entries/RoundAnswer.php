<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Half;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** One step of a round of tests, and whether it was seen as it should be. What was measured in it stands among the readings. */
final readonly class RoundAnswer implements Entry
{
    use Identified;

    public function __construct(
        public RoundStep $step,
        public bool $asExpected,
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
        public ?Half $half = null,
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
        return EntryList::Round;
    }
}
