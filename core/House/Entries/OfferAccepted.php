<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** A scope a customer has accepted: what of it, for how much, and by which name. */
final readonly class OfferAccepted implements Entry
{
    use Identified;

    public function __construct(
        #[Said(Value::Long)]
        public string $text,
        public float $total,
        public string $acceptedBy,
        #[Said(Value::Time)]
        public string $acceptedAt,
        #[Said(Value::Date)]
        public ?string $validUntil = null,
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
        return EntryList::Offers;
    }
}
