<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The bridge between the two hot terminals of a duplex. */
enum Tab: string implements Choice
{
    case Intact = 'intact';
    case Broken = 'broken';

    public function label(): string
    {
        return match ($this) {
            self::Intact => 'Intact',
            self::Broken => 'Broken out',
        };
    }
}
