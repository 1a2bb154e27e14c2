<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

use Bouclier\Core\Exchange\Body;

/** A command that is told from a page or a phone: {@see CommandList} says by which address. */
interface Told extends Command
{
    /** @throws \Bouclier\Core\Exchange\BadHouseFile when it is not what the command needs: what and where */
    public static function told(Body $body): self;
}
