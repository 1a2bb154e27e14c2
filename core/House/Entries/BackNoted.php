<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\BackEnd;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;
use Bouclier\Core\House\WhichBack;

/** The back of a device as it was read: at which end LINE is, and whether it has leads in place of terminals. */
final readonly class BackNoted implements Entry
{
    use Identified;

    /** @param BackEnd|null $lineAt null where nothing on it says so */
    public function __construct(
        #[Said(Value::Id)]
        public string $point,
        public WhichBack $back,
        public ?BackEnd $lineAt = null,
        public ?bool $leads = null,
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
        return EntryList::Backs;
    }
}
