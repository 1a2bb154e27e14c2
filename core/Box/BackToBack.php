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
     *
     * @return list<PairMove>
     */
    public static function moves(array $pairs, DeviceBack $old, DeviceBack $new): array
    {
        $feedKnown = array_filter($pairs, fn(PairInBox $pair): bool => $pair->isFeed === true) !== [];

        return array_map(function (PairInBox $pair) use ($old, $new, $feedKnown): PairMove {
            // What nobody noted as the device came out sat as it is drawn.
            $drawn = $pair->cable === null ? null : $pair->landing();
            $hot = $pair->sat->hot ?? $drawn?->hot;
            $neutral = $pair->sat->neutral ?? $drawn?->neutral;
            $goes = $pair->isFeed === true ? Land::Line : $pair->landing()?->hot;
            $isRead = $old->lineAt !== null && $new->lineAt !== null;
            $moves = $isRead && $hot !== null && $goes !== null && $old->end($hot) !== $new->end($goes);

            return new PairMove($pair, $hot, $neutral, $goes, $moves, self::objection($pair, $hot, $neutral, $feedKnown));
        }, $pairs);
    }

    private static function objection(PairInBox $pair, ?Land $hot, ?Land $neutral, bool $feedKnown): ?string
    {
        return match (true) {
            $hot === Land::Load
                && $pair->isFeed === true => 'It sat on LOAD and is the feed: the old device was wired in reverse and protected '
                    . 'nothing. It goes on LINE.',
            $hot !== null
                && $neutral !== null
                && self::side($hot) !== self::side($neutral) => "Its hot sat on {$hot->label()} and its neutral on {$neutral->label()}: "
                    . 'the old device tripped at every load on it. Both go to one end.',
            $hot === Land::Line
                && $pair->isFeed === null
                && ! $feedKnown => 'That it sat on LINE does not make it the feed: read it with all pairs apart.',
            default => null,
        };
    }

    /** LINE and a splice to it are one side. */
    private static function side(Land $land): Land
    {
        return $land === Land::Splice ? Land::Line : $land;
    }
}
