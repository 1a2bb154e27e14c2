<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\BoxCheck;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** One check of a box before it is closed. */
final readonly class BoxChecked implements Entry
{
    use Identified;

    public function __construct(
        #[Said(Value::Id)]
        public string $point,
        public BoxCheck $check,
        public bool $ok,
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
        return EntryList::BoxChecks;
    }
}
