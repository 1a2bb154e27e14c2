<?php

declare(strict_types=1);

namespace Bouclier\Core\House\Entries;

use Bouclier\Core\House\Choice;

/** How a breaker is kept off. */
enum LockKind: string implements Choice
{
    case Locked = 'locked';
    case Tagged = 'tagged';

    public function label(): string
    {
        return match ($this) {
            self::Locked => 'locked',
            self::Tagged => 'tagged',
        };
    }
}
