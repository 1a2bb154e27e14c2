<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Something was asked for by an id that the house does not have. */
final class NotThere extends \OutOfBoundsException
{
    /** @param string $kind what it would be: "point", "entry" */
    public function __construct(string $kind, public readonly string $id)
    {
        parent::__construct("No $kind \"$id\" in this house");
    }
}
