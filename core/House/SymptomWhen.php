<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** When what a call is about happens. */
enum SymptomWhen: string implements Choice
{
    case AtOnce = 'at_once';
    case WithLoad = 'with_load';
    case Random = 'random';
    case Wet = 'wet';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::AtOnce => 'at once',
            self::WithLoad => 'with a load',
            self::Random => 'now and then',
            self::Wet => 'when it is wet',
            self::Unknown => 'not known',
        };
    }
}
