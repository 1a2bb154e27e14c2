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

    /** Whether another device is there since: what was shown before was shown of the one before. */
    public function isAnotherDevice(): bool
    {
        return $this === self::Installed || $this === self::Replaced;
    }

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
