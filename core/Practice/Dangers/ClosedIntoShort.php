<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Dangers;

use Bouclier\Core\Practice\Deeds\Deed;
use Bouclier\Core\Practice\Visit;

/** A breaker closed again and again onto what opened it at once. */
final readonly class ClosedIntoShort extends DangerRule
{
    /** So often it may be closed into that before it is a danger: once to see it. */
    private const ONCE = 1;

    public static function label(): string
    {
        return 'Reset again and again into a short';
    }

    protected static function sees(Visit $visit, Deed $deed): ?Danger
    {
        $device = self::closed($deed);
        if ($device === null || ! $visit->isShortedBeyond($device)) {
            return null;
        }
        $times = 0;
        foreach (array_reverse($visit->steps()) as $step) {
            $before = self::closed($step->deed);
            if ($before === $device && $step->danger === null) {
                ++$times;
            } elseif ($step->deed->action()?->onlyShows() !== true && $step->deed->action()?->turns() === null) {
                break;
            }
        }

        return $times <= self::ONCE ? null : self::danger(
            'Once more into the short',
            'Hundreds of amperes at each try: the arc eats the contacts, and what is shorted glows where it touches.',
            'It opened at once each time, and nothing was changed in between.',
            'Leave it off. Everything unplugged, then part of the wiring lifted, before it is closed once more.',
        );
    }

    private static function closed(Deed $deed): ?string
    {
        $turns = $deed->action()?->turns();

        return $turns !== null ? ($turns[1] ? $turns[0] : null) : $deed->action()?->closes();
    }
}
