<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** The house as it might be: a plan, an added outlet or whatever else, kept beside it until it is carried out or dropped. */
final readonly class Draft implements Entry
{
    use Identified;

    /** @param list<DraftChange> $changes */
    public function __construct(
        public string $name,
        #[Said(Value::Many, DraftChange::class)]
        public array $changes,
        #[Said(Value::Time)]
        public ?string $atTime = null,
        public ?string $who = null,
        #[Said(Value::Id)]
        public ?string $id = null,
        public ?object $x = null,
    ) {
    }

    /** @param list<DraftChange> $changes those that are left of it */
    public function of(array $changes): self
    {
        return $this->replaced(['changes' => $changes]);
    }

    public static function list(): EntryList
    {
        return EntryList::Drafts;
    }
}
