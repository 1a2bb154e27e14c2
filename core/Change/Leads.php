<?php

declare(strict_types=1);

namespace Bouclier\Core\Change;

/** A command that something else happens with: each a change of its own, all of them or none. */
interface Leads extends Command
{
    /** @return list<Happening> */
    public function leadsTo(): array;
}
