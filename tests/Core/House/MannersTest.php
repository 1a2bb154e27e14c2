<?php

declare(strict_types=1);

use Bouclier\Core\House\Manners;
use Tests\Core\Build;

it('takes over from another device of the same kind what is not known of this one', function (
    array $one,
    array $other,
    ?array $like,
): void {
    $house = Build::house(['points' => [Build::point('p', $one), Build::point('q', $other)]]);
    $found = Manners::likeAnother($house, $house->points[0]);
    expect($found === null ? null : [$found[0]->id, $found[1]])->toBe($like === null ? null : ['q', $like]);
})->with([
    'all of it' => [
        ['device' => 'gfci'],
        ['device' => 'gfci', 'light' => 'power', 'reset_by' => 'test_then_reset', 'feed_through_amps' => 15, 'sound' => 'failed'],
        ['light' => 'power', 'sound' => 'failed', 'reset_by' => 'test_then_reset', 'feed_through_amps' => 15.0],
    ],
    'what is missing' => [
        ['device' => 'gfci', 'light' => 'tripped'],
        ['device' => 'gfci', 'light' => 'power', 'self_test' => true],
        ['self_test' => true],
    ],
    'another kind' => [['device' => 'gfci'], ['device' => 'afci', 'light' => 'power'], null],
    'another rating' => [['device' => 'gfci'], ['device' => 'gfci', 'amps' => 20, 'light' => 'power'], null],
    'nothing is known' => [['device' => 'gfci'], ['device' => 'gfci'], null],
]);

it('says to who lives there how it is reset, and what shows that it is in', function (array $point, string $says): void {
    expect(Manners::reset(Build::house(['points' => [Build::point('p', $point + ['device' => 'gfci'])]])->points[0]))->toBe($says);
})->with([
    [[], 'press RESET firmly, once'],
    [['reset_by' => 'test_then_reset', 'light' => 'power'], 'press TEST, then RESET firmly, once: its light comes on'],
    [['light' => 'tripped'], 'press RESET firmly, once: its light goes out'],
]);

it('is asked of a protective device of which nothing is noted that tells how it is handled', function (array $point, ?string $asked): void {
    expect(Manners::asked(Build::house(['points' => [Build::point('p', $point)]])->points[0]))->toBe($asked);
})->with([
    'nothing noted' => [['device' => 'gfci', 'amps' => 20], 'gfci 20 A'],
    'that it tests itself tells nobody' => [['device' => 'gfci', 'self_test' => true], 'gfci 15 A'],
    'its light' => [['device' => 'gfci', 'light' => 'power'], null],
    'no protective device' => [['device' => 'standard'], null],
]);
