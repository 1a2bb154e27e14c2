<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/** Which causes a test tells apart. */
enum Splits
{
    case TheTwoLikeliest;
    case TheLikeliest;
    case TheOthers;
    case Missing;

    public function words(): string
    {
        return match ($this) {
            self::TheTwoLikeliest => 'tells the two likeliest apart',
            self::TheLikeliest => 'tells whether it is the likeliest',
            self::TheOthers => 'tells among the less likely',
            self::Missing => 'what is missing to be sure',
        };
    }
}
