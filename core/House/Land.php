<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Where a conductor ends in a box. */
enum Land: string implements Choice
{
    case Line = 'line';
    case Load = 'load';
    case Splice = 'splice';
    case Cap = 'cap';

    public function label(): string
    {
        return match ($this) {
            self::Line => 'LINE',
            self::Load => 'LOAD',
            self::Splice => 'Spliced',
            self::Cap => 'Capped',
        };
    }

    /** A splice is joined to LINE through its pigtail, so both are the unprotected side. */
    public function isLineSide(): bool
    {
        return $this === self::Line || $this === self::Splice;
    }
}
