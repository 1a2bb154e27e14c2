<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Concerns\Concern;
use Bouclier\Core\CodeBook\Concerns\Concerns;
use Bouclier\Core\CodeBook\Concerns\Urgency;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Papers\Letter;

it('counts each place once, however much is wrong there', function (): void {
    $house = (new HouseReader())->fromJson((string) file_get_contents(__DIR__ . '/../../../database/demo/plover-street-8.house.json'));
    $feeds = new FeedMap($house);
    $concerns = Concerns::of((new Assess($house, feeds: $feeds))->house(), $feeds);
    $of = fn(Urgency $urgency): array => array_filter($concerns, fn(Concern $one): bool => $one->urgency === $urgency);
    $letter = Letter::of($house, $house);
    foreach (['danger' => Urgency::Danger, 'asked' => Urgency::Asked] as $kind => $urgency) {
        $points = array_merge([], ...array_column($of($urgency), 'points'));
        $nowhere = count(array_filter($of($urgency), fn(Concern $one): bool => $one->points === []));
        expect($letter->before[$kind])->toBe(count(array_unique($points)) + $nowhere);
    }
    // Else counting each place again for each thing that is wrong there would not show.
    $all = array_merge([], ...array_column($of(Urgency::Danger), 'points'), ...array_column($of(Urgency::Asked), 'points'));
    expect(count($all))->toBeGreaterThan($letter->before['danger'] + $letter->before['asked']);
});
