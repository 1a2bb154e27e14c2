<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Dangers;

use Bouclier\Core\Practice\Deeds\Deed;
use Bouclier\Core\Practice\Visit;

/** Hands in a box that a meter read as dead of which nobody had seen that it reads anything. */
final readonly class MeterNotTried extends DangerRule
{
    public static function label(): string
    {
        return 'A meter that was not tried on a live point';
    }

    protected static function sees(Visit $visit, Deed $deed): ?Danger
    {
        foreach ($deed->touches() ? $deed->boxes($visit) : [] as $box) {
            if ($visit->proofAt($box)?->tried === false) {
                return self::danger(
                    "Hands at {$visit->places->point($box)}, on the word of a meter nobody tried",
                    'This time it read what was there. With a dead battery or a broken lead it reads 0 V at a live box, too.',
                    'A meter that shows nothing shows either that nothing is live or that it is broken. Only a live point tells which.',
                    'Try it on an outlet that is live, read here, and try it again on the same outlet.',
                );
            }
        }

        return null;
    }
}
