<?php

declare(strict_types=1);

namespace Bouclier\Core\Live;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\CircuitOff;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Serves;

/** Which breakers may feed an outlet: labels that match, amperes that fit, what hangs beside it, what was seen. */
final class Candidates
{
    /** What each hint is worth beside a breaker nothing speaks for. Labels lie, so none rules another out. */
    private const BELIEVED = 8.0;
    private const LABEL = 6.0;
    private const NEIGHBOUR = 3.0;
    private const AMPERES_DO_NOT_FIT = 0.3;

    /** @return list<Candidate> likeliest first; breakers that were off while the outlet was live are not among them */
    public static function for(House $house, Point $point): array
    {
        $feeds = new FeedMap($house);
        $state = new LiveState($house, $feeds);
        $words = self::words("{$house->areaOf($point)->name} {$point->name}" . ($point->serves() === Serves::General ? '' : ' ' . $point->serves()->label()));
        $found = [];
        foreach ($house->circuits as $circuit) {
            if ($circuit->volts() !== ($point->volts() >= 200.0 ? 240.0 : 120.0) || self::isRuledOut($house, $point, $circuit) || $state->isOff($circuit) || self::feedsPanel($house, $circuit)) {
                continue;
            }
            $weight = 1.0;
            $reasons = [];
            if ($feeds->feed($point)->circuit?->id === $circuit->id) {
                $weight *= self::BELIEVED;
                $reasons[] = 'noted for this outlet';
            }
            if (array_intersect(self::words($circuit->label), $words) !== []) {
                $weight *= self::LABEL;
                $reasons[] = 'label matches';
            }
            if (array_filter($feeds->pointsOn($circuit), fn(Point $other): bool => $other->area === $point->area && $other->id !== $point->id) !== []) {
                $weight *= self::NEIGHBOUR;
                $reasons[] = 'feeds others in the room';
            }
            if ($point->isReceptacle() && $point->amps() > $circuit->amps) {
                $weight *= self::AMPERES_DO_NOT_FIT;
                $reasons[] = self::amperes($point->amps()) . ' receptacle on ' . self::amperes($circuit->amps) . ' breaker';
            }
            $found[] = new Candidate($circuit, $weight, $reasons);
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

    /** @return list<string> words of four letters or more, without what a plural adds */
    private static function words(string $text): array
    {
        preg_match_all('/\p{L}{4,}/u', mb_strtolower($text), $found);

        return array_map(fn(string $word): string => rtrim($word, 's'), $found[0]);
    }

    private static function amperes(float $amps): string
    {
        return (int) $amps . ' A';
    }
}
