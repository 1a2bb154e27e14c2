<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** Whether anyone has been in the box since it was roughed in. */
enum Workmanship: string implements Choice
{
    case Original = 'original';
    case Disturbed = 'disturbed';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::Original => 'Original',
            self::Disturbed => 'Disturbed',
            self::Unknown => 'Not known',
        };
    }
}
