<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Choice;

/** What became of a device. */
enum DeviceEventKind: string implements Choice
{
    case Installed = 'installed';
    case Replaced = 'replaced';
    case Tripped = 'tripped';
    case Failed = 'failed';
    case Wired = 'wired';

    public function label(): string
    {
        return match ($this) {
            self::Installed => 'installed',
            self::Replaced => 'replaced',
            self::Tripped => 'tripped',
            self::Failed => 'failed',
            self::Wired => 'wired',
        };
    }
}
