<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** What a local amendment does to a rule. */
enum AmendmentKind: string implements Choice
{
    case Add = 'add';
    case Waive = 'waive';
    case Distance = 'distance';

    public function label(): string
    {
        return match ($this) {
            self::Add => 'Adds a requirement',
            self::Waive => 'Waives a requirement',
            self::Distance => 'Changes a distance',
        };
    }
}
