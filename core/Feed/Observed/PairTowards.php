<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed\Observed;

use Bouclier\Core\House\House;

/** Which of the pairs of an opened box leads to another outlet: by what died as it was lifted, or because only one goes on. */
final class PairTowards
{
    /**
     * @param list<string> $beyond the outlet it leads to and all beyond that
     *
     * @return string|null its letter; null where nothing says which
     */
    public static function of(House $house, string $point, array $beyond): ?string
    {
        $pairs = 0;
        $feed = null;
        foreach (Observations::of($house)->seen as $seen) {
            if ($seen instanceof BoxOpened && $seen->point === $point) {
                $pairs = $seen->pairs;
            }
            if ($seen instanceof PairRead && $seen->point === $point && $seen->live && $seen->by->isProof()) {
                $feed = $seen->pair;
            }
            if ($seen instanceof PairLifted && $seen->point === $point) {
                if (in_array($point, $seen->dead, true)) {
                    $feed = $seen->pair;
                } elseif (array_intersect($beyond, $seen->dead) !== []) {
                    return $seen->pair;
                }
            }
        }

        return $pairs === 2 && $feed !== null ? ($feed === 'a' ? 'b' : 'a') : null;
    }
}
