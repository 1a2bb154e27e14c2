<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The kind of work a rule is asked about. */
enum Work: string implements Choice
{
    case New = 'new';
    case Extend = 'extend';
    case Replace = 'replace';
    case Existing = 'existing';

    public function label(): string
    {
        return match ($this) {
            self::New => 'New wiring',
            self::Extend => 'Extension or alteration',
            self::Replace => 'Replacement',
            self::Existing => 'Existing, nothing touched',
        };
    }
}
