<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Feed\BreakerHints;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\CircuitOff;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;

/** Which breakers may feed an outlet: those whose volts fit and that nothing seen rules out. */
final class Candidates
{
    /** @return list<Candidate> likeliest first; breakers that were off while the outlet was live are not among them */
    public static function for(House $house, Point $point): array
    {
        $feeds = new FeedMap($house);
        $state = new LiveState($house, $feeds);
        $hints = new BreakerHints($feeds);
        $found = [];
        foreach ($house->circuits as $circuit) {
            if (
                BreakerHints::fitsVolts($point, $circuit)
                && ! self::isRuledOut($house, $point, $circuit)
                && ! $state->isOff($circuit)
                && ! self::feedsPanel($house, $circuit)
            ) {
                $found[] = new Candidate(
                    $circuit,
                    $hints->weight($point, $circuit),
                    $hints->reasons($point, $circuit),
                    array_values(array_filter($hints->alike($circuit), fn(Circuit $other): bool => ! $state->isOff($other))),
                );
            }
        }
        usort($found, fn(Candidate $one, Candidate $other): int => $other->weight <=> $one->weight);

        return $found;
    }

    private static function isRuledOut(House $house, Point $point, Circuit $circuit): bool
    {
        foreach (Observations::of($house)->seen as $seen) {
            if ($seen instanceof CircuitOff && $seen->circuit === $circuit->id && in_array($point->id, $seen->live, true)) {
                return true;
            }
        }

        return false;
    }

    private static function feedsPanel(House $house, Circuit $circuit): bool
    {
        foreach ($house->panels as $panel) {
            if ($panel->fedFrom === $circuit->id) {
                return true;
            }
        }

        return false;
    }
}
