<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

use Bouclier\Core\House\Land;
use Bouclier\Core\House\Point;

/** What happens where a pair lands that goes on to nobody knows where: in words, for nothing of it is drawn. */
final class UndrawnPair
{
    public static function landed(Point $point, PairInBox $pair, Land $land): string
    {
        return match (true) {
            $pair->isFeed === true => match ($land) {
                Land::Line => "The feed on LINE: {$point->code} works, and protects what is on its LOAD.",
                Land::Load => 'The feed on LOAD: it is reversed, and protects nothing. It goes on LINE.',
                Land::Splice => 'The feed in a splice, with a pigtail to LINE: right where another pair goes on unprotected.',
                Land::Cap => "The feed capped: {$point->code} and all beyond it are dead.",
            },
            $pair->isFeed === null && $land !== Land::Cap => 'Tell the feed first: the feed goes on LINE, and only what goes on may be on '
                . 'LOAD.',
            default => match ($land) {
                Land::Load => 'Whatever hangs on it becomes protected, and goes dead with it.',
                Land::Line, Land::Splice => 'Whatever hangs on it stays live when it trips, and is not protected by it.',
                Land::Cap => 'Whatever hangs on it is dead. Say so to who lives there.',
            },
        };
    }
}
