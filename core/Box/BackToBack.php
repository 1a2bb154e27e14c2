<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

use Bouclier\Core\House\Land;

/**
 * From the old back to the new one. A wire goes where its pair belongs, not where it sat: what was read decides, and the old place is
 * objected to where the meter disagrees with it.
 */
final class BackToBack
{
    /**
     * @param list<PairInBox> $pairs of one box
     * @param array<Land> $sat where each pair sat on the old device, by its key in the list
     *
     * @return list<PairMove>
     */
    public static function moves(array $pairs, array $sat, DeviceBack $old, DeviceBack $new): array
    {
        $feedKnown = array_filter($pairs, fn(PairInBox $pair): bool => $pair->isFeed === true) !== [];

        return array_map(function (int $key, PairInBox $pair) use ($sat, $old, $new, $feedKnown): PairMove {
            $was = $sat[$key] ?? null;
            $goes = self::goes($pair);
            $moves = $was !== null && $goes !== null && $old->end($was) !== $new->end($goes);

            return new PairMove($pair, $was, $goes, $moves, self::objection($pair, $was, $feedKnown));
        }, array_keys($pairs), $pairs);
    }

    /** The feed on LINE; what goes on where it was decided to land. */
    private static function goes(PairInBox $pair): ?Land
    {
        if ($pair->isFeed === true) {
            return Land::Line;
        }

        return $pair->landing()?->hot;
    }

    private static function objection(PairInBox $pair, ?Land $sat, bool $feedKnown): ?string
    {
        return match (true) {
            $sat === Land::Load
                && $pair->isFeed === true => 'It sat on LOAD and is the feed: the old device was wired in reverse and protected '
                    . 'nothing. It goes on LINE.',
            $sat === Land::Line
                && $pair->isFeed === null
                && ! $feedKnown => 'That it sat on LINE does not make it the feed: read it with all pairs apart.',
            default => null,
        };
    }
}
