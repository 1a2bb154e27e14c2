<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook;

/** A rule that asks within some distance of water, which a local amendment may change. */
interface HasDistance extends Rule
{
    /** The limit in feet: at this outlet with local amendments, or as the edition has it. */
    public function limitFt(?Site $site): float;
}
