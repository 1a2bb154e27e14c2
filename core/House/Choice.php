<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** One of a fixed list of values in the house file, with the trade's word for it. */
interface Choice extends \BackedEnum
{
    public function label(): string;
}
