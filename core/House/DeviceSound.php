<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** When a protective device makes itself heard, by its maker. */
enum DeviceSound: string implements Choice
{
    case None = 'none';
    case Tripped = 'tripped';
    /** At the end of its life, or when its self-test fails. */
    case Failed = 'failed';
    case Both = 'both';

    public function label(): string
    {
        return match ($this) {
            self::None => 'Silent',
            self::Tripped => 'Beeps while tripped',
            self::Failed => 'Beeps when it has failed',
            self::Both => 'Beeps tripped and failed',
        };
    }
}
