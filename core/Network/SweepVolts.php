<?php

declare(strict_types=1);

namespace Bouclier\Core\Network;

/** What the volts read hot to neutral at an outlet say beside the supply of the house. */
final class SweepVolts
{
    /** Below this a low-impedance reading counts as dead; a high-impedance one may still be induced. */
    public const DEAD_BELOW_VOLTS = 5.0;

    /** A branch circuit should not drop more: NEC 210.19(A), informational note; advice, not law. */
    public const BRANCH_DROP_PERCENT = 3.0;

    /** Less than this share of the supply is no drop in a wire but a conductor that is open or joined badly. */
    private const BROKEN_BELOW = 0.85;

    /** @return string|null null where there is nothing to say: it reads as the supply does */
    public static function say(float $volts, float $supplyVolts): ?string
    {
        if ($volts < self::DEAD_BELOW_VOLTS) {
            return 'No voltage hot to neutral.';
        }
        $percent = round(100 * ($supplyVolts - $volts) / $supplyVolts, 1);
        if ($volts < self::BROKEN_BELOW * $supplyVolts) {
            return 'Far below the supply: a conductor upstream is open or hardly makes contact. Read again with a low-impedance '
                . 'meter: what is only induced goes away.';
        }
        if ($percent > self::BRANCH_DROP_PERCENT) {
            return "$percent % below the supply, more than the " . self::BRANCH_DROP_PERCENT
                . ' % a branch circuit should drop. Read again with nothing running: if it stays, look for a poor joint upstream.';
        }
        if ($percent < -self::BRANCH_DROP_PERCENT) {
            return -$percent
                . ' % above the supply: the neutral it shares with another circuit may be open upstream. Unplug what is sensitive and '
                . 'find it.';
        }

        return null;
    }
}
