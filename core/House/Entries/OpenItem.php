<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** Something left to be done, or demanded in writing: it stays open until it is closed with evidence. */
final readonly class OpenItem implements Entry
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
        public ?string $source = null,
        public ?string $clause = null,
        public ?string $interim = null,
        #[Said(Value::Date)]
        public ?string $due = null,
        #[Said(Value::Time)]
        public ?string $closedAt = null,
        public ?string $closedBy = null,
        public ?string $evidence = null,
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
        return EntryList::OpenItems;
    }

    public function isOpen(): bool
    {
        return $this->closedAt === null;
    }

    /** @param string $evidence what shows that it is done: a reading, a photograph's number, what was put in */
    public function closed(string $evidence, string $by, string $at): self
    {
        return $this->replaced(['closedAt' => $at, 'closedBy' => $by, 'evidence' => $evidence]);
    }
}
