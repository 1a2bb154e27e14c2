<?php

declare(strict_types=1);

use Bouclier\Core\Box\OpenBox;
use Bouclier\Core\Box\PairQuestion;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\PairMeans;
use Tests\Core\Build;

/** The question, the answer, and what it must conclude of pair a: the feed, that it goes on, or nothing for certain. */
const ASKED = [
    ['meter', 'What does pair a read', 'Line voltage', true, 'Pair a is the feed.'],
    ['meter', 'What does pair a read', 'Nearly nothing', false, 'Pair a goes on, if another pair reads line voltage.'],
    ['lamp', 'Does it light?', 'It lights', true, 'Pair a is the feed.'],
    ['lamp', 'Does it light?', 'It stays dark', false, 'Pair a goes on, if the lamp lights on another pair.'],
    ['non_contact', 'Does the non-contact tester glow', 'It glows', null, 'Pair a is likely the feed: it glows on induced voltage too.'],
    ['non_contact', 'Does the non-contact tester glow', 'It stays dark', null, 'Pair a likely goes on. Dark is never a proof of dead.'],
    ['cap', 'Does the outlet work?', 'The outlet works', null, 'Pair a likely goes on: the feed is another pair.'],
    ['cap', 'Does the outlet work?', 'The outlet is dead', null, 'Pair a was likely the feed; or the outlet is dead for another reason.'],
    ['mark', 'What is on pair a?', 'It is marked as the feed', null, 'Pair a is likely the feed, if the mark is right.'],
    [
        'old_landing',
        'Where was pair a on the old device?',
        'It was on LINE',
        null,
        'Pair a is likely the feed, if the old device was wired right.',
    ],
];

it('asks what is seen, and concludes what was meant', function (string $by, string $ask, string $say, ?bool $feed, string $means): void {
    $asked = PairQuestion::of(PairMeans::from($by), 'a');
    $answer = array_column($asked['answers'], null, 'say')[$say];
    expect($asked['ask'])->toContain($ask)->and($answer['means'])->toBe($means);
    $house = Build::house(['points' => [Build::point('p')], 'observations' => [['kind' => 'open', 'point' => 'p', 'pairs' => 2]]]);
    $seen = $house->withEntry(
        new Seen(SeenKind::Pair, point: 'p', live: $answer['feed'], pair: 'a', by: PairMeans::from($by)),
    );
    $pairs = (new OpenBox($seen, new FeedMap($seen), $seen->point('p')))->pairs();
    expect($pairs[0]->isFeed)->toBe($feed)->and($pairs[1]->isFeed)->not->toBe(true);
    if ($by === 'cap') {
        // The pair that was capped while the outlet worked is not the feed, whatever is concluded.
        expect($answer['feed'])->toBe($say === 'The outlet is dead');
    }
})->with(ASKED);

it('has every question in the table, and no word that can be taken the other way round', function (): void {
    $said = [];
    foreach (PairMeans::cases() as $by) {
        foreach (PairQuestion::of($by, 'a')['answers'] as $answer) {
            $said[] = [$by->value, $answer['say']];
            expect($answer['say'])->not->toMatch('/^(not )?(live|dead|yes|no|on|off)$/i');
        }
    }
    expect($said)->toEqualCanonicalizing(array_map(fn(array $row): array => [$row[0], $row[2]], ASKED));
});
