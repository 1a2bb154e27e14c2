<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Between;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Terminals;
use Bouclier\Core\House\Value;

/** What an instrument showed, or a light that was plugged in. */
final readonly class MeterReading implements Entry
{
    use Identified;

    /**
     * @param bool|null $lit a lamp or another load that was plugged in there ran
     * @param bool|null $glows at a non-contact tester
     * @param float|null $ma milliamperes in a cable
     */
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
        public ?Half $half = null,
        public ?string $instrument = null,
        public ?Terminals $terminals = null,
        public ?Between $between = null,
        public ?float $volts = null,
        public ?bool $lit = null,
        public ?bool $glows = null,
        public ?LampsRead $lamps = null,
        public ?float $ma = null,
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
        return EntryList::Readings;
    }
}
