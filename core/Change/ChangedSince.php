<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

/** What is to be turned back was changed by somebody else meanwhile, or taken out. */
final class ChangedSince extends \DomainException
{
    /** @param string|null $field null where the part is gone, or was taken out and is there again */
    public function __construct(public readonly string $in, public readonly string $id, public readonly ?string $field)
    {
        parent::__construct($field === null
            ? 'What it changed is not in the house any more'
            : 'Somebody has changed "' . str_replace('_', ' ', $field) . '" there since: change it by hand');
    }
}
