<?php

declare(strict_types=1);

namespace Bouclier\Core\Box;

use Bouclier\Core\House\PairMeans;

/** How it is asked whether a pair is the feed: what is seen is asked, and beside each answer stands what it means. */
final class PairQuestion
{
    /**
     * @return array{by: string, ask: string, answers: list<array{say: string, feed: bool, means: string}>} `feed` is what the observation
     *     then says of the pair: its `live`
     */
    public static function of(PairMeans $by, string $pair): array
    {
        [$ask, $answers] = match ($by) {
            PairMeans::Meter => ["All pairs apart and capped, power on. What does pair $pair read, hot to neutral or hot to ground?", [
                ['Line voltage', true, "Pair $pair is the feed."],
                ['Nearly nothing', false, "Pair $pair goes on, if another pair reads line voltage."],
            ]],
            PairMeans::Lamp => ["All pairs apart and capped, power on, the lamp across pair $pair. Does it light?", [
                ['It lights', true, "Pair $pair is the feed."],
                ['It stays dark', false, "Pair $pair goes on, if the lamp lights on another pair."],
            ]],
            PairMeans::NonContact => ["All pairs apart and capped, power on. Does the non-contact tester glow at the hot of pair $pair?", [
                ['It glows', true, "Pair $pair is likely the feed: it glows on induced voltage too."],
                ['It stays dark', false, "Pair $pair likely goes on. Dark is never a proof of dead."],
            ]],
            PairMeans::Cap => ["Pair $pair capped, the others as they were, power on. Does the outlet work?", [
                ['The outlet works', false, "Pair $pair likely goes on: the feed is another pair."],
                ['The outlet is dead', true, "Pair $pair was likely the feed; or the outlet is dead for another reason."],
            ]],
            PairMeans::Mark => [
                "What is on pair $pair?",
                [['It is marked as the feed', true, "Pair $pair is likely the feed, if the mark is right."]],
            ],
            PairMeans::OldLanding => [
                "Where was pair $pair on the old device?",
                [['It was on LINE', true, "Pair $pair is likely the feed, if the old device was wired right."]],
            ],
        };

        return ['by' => $by->value, 'ask' => $ask, 'answers' => array_map(
            fn(array $one): array => ['say' => $one[0], 'feed' => $one[1], 'means' => $one[2]],
            $answers,
        )];
    }
}
