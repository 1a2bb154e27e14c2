<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

/**
 * Two ways through what is plugged in: one thing after another unplugged and tried, or all of it unplugged, and one by one plugged in
 * again. By itself each step of the first tells more a minute than the whole way comes to: what counts is the whole way.
 */
final class OneByOne
{
    /** Minutes to plug one thing in again. */
    private const PLUGGING = 1.0;

    /**
     * Proposals that take something off and close the device: all of it, or one thing.
     *
     * @param list<Proposal> $proposals
     *
     * @return array{int|null, list<int>} number of the one that unplugs everything, and of those that unplug one thing
     */
    public static function among(array $proposals): array
    {
        [$all, $each] = [null, []];
        foreach ($proposals as $number => $proposal) {
            $first = $proposal->first();
            $isUnplugging = $first->takesAway() && $first->turns() === null && count($proposal->actions) === 2;
            if (! $isUnplugging || $proposal->last()->closes() === null) {
                continue;
            }
            if ($first->at->appliance === null) {
                $all = $number;
            } else {
                $each[] = $number;
            }
        }

        return [$all, $each];
    }

    /**
     * Whether it takes fewer minutes to unplug all at once.
     *
     * @param float $holds chance that the device holds with all unplugged
     * @param array<float> $each chance that it holds with that one unplugged, by number of the proposal
     * @param list<Proposal> $proposals
     */
    public static function isDearer(int $all, float $holds, array $each, array $proposals): bool
    {
        arsort($each);
        $together = $proposals[$all]->allMinutes();
        $one = 0.0;
        $left = 1.0;
        foreach ($each as $number => $byIt) {
            $one += $left * $proposals[$number]->allMinutes();
            $together += $holds * self::PLUGGING;
            $left = max(0.0, $left - $byIt);
            $holds = max(0.0, $holds - $byIt);
        }

        return $together < $one;
    }
}
