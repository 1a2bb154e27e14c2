<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Revision;
use Bouclier\Core\Change\Clash;

/** Somebody else has set the same field otherwise since the house was seen as it was when this was done. */
final class Clashed extends \RuntimeException
{
    /** @param non-empty-list<array{Clash, Revision}> $clashes each with the change that it clashes with */
    public function __construct(public readonly array $clashes)
    {
        parent::__construct('The same was changed by somebody else meanwhile');
    }
}
