<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** An exception that says at each outlet what it rests on there. */
interface BySite
{
    public function because(Site $site): string;
}
