<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Dangers;

use Bouclier\Core\House\BoxState;
use Bouclier\Core\Practice\Deeds\Deed;
use Bouclier\Core\Practice\Visit;

/** Power let on while a box of that circuit stands open and its conductors hang free. */
final readonly class PowerOnApart extends DangerRule
{
    public static function label(): string
    {
        return 'Power on with pairs apart';
    }

    protected static function sees(Visit $visit, Deed $deed): ?Danger
    {
        $action = $deed->action();
        $on = $action?->turns();
        $circuit = $on !== null && $on[1] ? $on[0] : $action?->at->circuit;
        if ($action === null || $circuit === null || (($on === null || ! $on[1]) && $action->closes() === null)) {
            return null;
        }
        foreach ($visit->opened() as $box) {
            $state = $visit->boxAt($box);
            if ($state === BoxState::Capped || ! in_array($circuit, $visit->breakers($box), true)) {
                continue;
            }
            $where = $visit->places->point($box);

            return self::danger(
                "Power on, and the box of $where stands open",
                $state === BoxState::Apart
                    ? 'A bare hot hangs free there. Whoever passes by, or the metal of the box, would have found it before you did.'
                    : 'The device hangs out of its box on live screws. A slip of the hand, and they meet the box or a neutral.',
                "You were at the panel, and nobody was at $where.",
                'Make the box up and fold it in; or cap every conductor if it is to be read live, and stay with it.',
            );
        }

        return null;
    }
}
