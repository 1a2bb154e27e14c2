<?php

declare(strict_types=1);

namespace Bouclier\Core\Feed;

use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\Feed\Observed\PairRead;
use Bouclier\Core\Feed\Observed\WiresNoted;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\House;
use Bouclier\Core\House\PairMeans;
use Bouclier\Core\House\Point;

/** How a box was found: which pair sat on LINE of the old device, and which is the feed by a test that proves it. */
final class AsFound
{
    /**
     * @return array{string, string, PairMeans}|null the pair that sat on LINE, the one that is the feed, and by what; null where they agree
     *     or are not both known
     */
    public static function reversed(House $house, Point $point): ?array
    {
        if ($house->entries->all(Seen::class) === []) {
            return null;
        }
        $old = WiresNoted::onLine($house, $point->id);
        $proved = null;
        foreach (Observations::of($house)->seen as $seen) {
            if ($seen instanceof PairRead && $seen->point === $point->id && $seen->live) {
                $old = $seen->by === PairMeans::OldLanding ? $seen->pair : $old;
                $proved = $seen->by->isProof() ? $seen : $proved;
            }
        }

        return $old === null || $proved === null || $old === $proved->pair ? null : [$old, $proved->pair, $proved->by];
    }
}
