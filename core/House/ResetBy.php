<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** How a protective device is closed again. */
enum ResetBy: string implements Choice
{
    case Button = 'button';
    case TestThenReset = 'test_then_reset';
    case OffThenOn = 'off_then_on';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::Button => 'RESET pressed in',
            self::TestThenReset => 'TEST, then RESET',
            self::OffThenOn => 'Handle fully off, then on',
            self::Unknown => 'Not known',
        };
    }
}
