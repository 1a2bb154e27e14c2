<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Dangers;

use Bouclier\Core\House\BoxState;
use Bouclier\Core\Practice\Deeds\Deed;
use Bouclier\Core\Practice\Visit;

/** An instrument in a live box whose conductors are not capped. */
final readonly class LiveInTheBox extends DangerRule
{
    public static function label(): string
    {
        return 'A live box read with bare conductors';
    }

    protected static function sees(Visit $visit, Deed $deed): ?Danger
    {
        if ($deed->action()?->isLive() !== true) {
            return null;
        }
        foreach ($deed->boxes($visit) as $box) {
            if ($visit->isOpen($box) && $visit->boxAt($box) !== BoxState::Capped && $visit->notOff($box) !== []) {
                return self::danger(
                    "Leads into {$visit->places->point($box)}, live and bare",
                    'A probe that slips bridges hot and ground, and the flash is where the face is.',
                    'The conductors are not capped, and a breaker that feeds the box is on.',
                    'Dead first: cap every conductor, power on, then read at test ports with one hand.',
                );
            }
        }

        return null;
    }
}
