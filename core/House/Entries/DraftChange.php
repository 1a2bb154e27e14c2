<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Loose;
use Bouclier\Core\House\PartList;
use Bouclier\Core\House\Said;
use Bouclier\Core\House\Value;

/** What a draft makes of one part: its keys set otherwise, as a merge patch; a part that is new; or, where nothing is set, its removal. */
final readonly class DraftChange
{
    public function __construct(
        public PartList $in,
        #[Said(Value::Id)]
        public string $id,
        public ?Loose $set = null,
        public ?object $x = null,
    ) {
    }
}
