<?php

declare(strict_types=1);

namespace Bouclier\Core\Practice\Dangers;

use Bouclier\Core\Practice\BoxProof;
use Bouclier\Core\Practice\Deeds\Deed;
use Bouclier\Core\Practice\Visit;

/** Hands in a box whose breakers are not all off, or at which nobody has read since that nothing is live. */
final readonly class HandsNotProved extends DangerRule
{
    public static function label(): string
    {
        return 'Hands in a box that was not proved dead';
    }

    protected static function sees(Visit $visit, Deed $deed): ?Danger
    {
        foreach ($deed->touches() ? $deed->boxes($visit) : [] as $box) {
            $proof = $visit->proofAt($box);
            $notOff = $visit->notOff($box);
            if ($notOff === [] && $proof?->isDead() === true) {
                continue;
            }
            $where = $visit->places->point($box);
            $volts = round(BoxProof::highest($visit, $box, isOpen: true));
            $on = implode(' and ', array_map($visit->places->circuit(...), $notOff));

            return self::danger(
                "Hands at $where, and it is not proved dead",
                $volts >= BoxProof::LIVE
                    ? "There are $volts V in that box. They would have gone through the hand that holds the device."
                    : 'It happened to be dead. Nobody had shown that, and the next box will not be.',
                match (true) {
                    $notOff !== [] && $proof !== null => ucfirst("$on is not off: what was read can change while hands are in it."),
                    $notOff !== [] => ucfirst("$on is on."),
                    $proof === null => 'A breaker that is off proves nothing: labels lie, and boxes hold more than one circuit.',
                    default => 'It read live when it was read last.',
                },
                'Breaker off and held off, the meter tried on a live outlet, every conductor of the box read, the meter tried again.',
            );
        }

        return null;
    }
}
