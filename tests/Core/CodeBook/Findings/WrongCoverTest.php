<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('finds wrong_cover, and only where it is', function (
    array $house,
    bool $found,
    Edition $edition = Edition::Nec2023,
    string $at = 'p',
): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    expect(in_array('wrong_cover', $findings, true))->toBe($found);
})->with(function (): array {
    return [
        'wet, flip cover' => [Houses::lone(['exposure' => 'wet', 'cover' => 'flip']), true],
        'wet, hood' => [Houses::lone(['exposure' => 'wet', 'cover' => 'in_use']), false],
        'damp, flip cover' => [Houses::lone(['exposure' => 'damp', 'cover' => 'flip']), false],
        'damp, none' => [Houses::lone(['exposure' => 'damp', 'cover' => 'none']), true],
        'dry, none' => [Houses::lone(['cover' => 'none']), false],
    ];
});

it('wants a cover outdoors, recorded or not', function (array $point, array $area, array $graded, ?string $clause = null): void {
    $house = Houses::lone($point, $area);
    expect(Build::graded('wrong_cover', $house))->toBe($graded);
    foreach ((new Assess(Build::house($house)))->house()->points[0]->findings as $finding) {
        expect($finding->id === 'wrong_cover' && $clause !== null ? $finding->clause : $clause)->toBe($clause);
    }
})->with([
    'none' => [['cover' => 'none'], ['kind' => 'outdoors'], ['error', 'error', 'error', 'error'], '406.9(B)(1)'],
    'none, under a roof' => [
        ['cover' => 'none', 'exposure' => 'damp'],
        ['kind' => 'outdoors'],
        ['error', 'error', 'error', 'error'],
        '406.9(A)',
    ],
    'not recorded' => [[], ['kind' => 'outdoors'], ['advice', 'advice', 'advice', 'advice']],
    'a flip cover, exposure not recorded' => [['cover' => 'flip'], ['kind' => 'outdoors'], ['error', 'error', 'error', 'advice']],
    'a flip cover, said to be dry' => [
        ['cover' => 'flip', 'exposure' => 'dry'],
        ['kind' => 'outdoors'],
        ['error', 'error', 'error', 'advice'],
    ],
    'a flip cover under a roof' => [['cover' => 'flip', 'exposure' => 'damp'], ['kind' => 'outdoors'], [null, null, null, null]],
    'a hood' => [['cover' => 'in_use'], ['kind' => 'outdoors'], [null, null, null, null]],
    'an EV receptacle of 50 A' => [
        ['cover' => 'flip', 'serves' => 'ev', 'amps' => 50, 'volts' => 250], ['kind' => 'outdoors'], ['error', 'error', 'error', 'advice'],
        '406.9(B)(2)',
    ],
    'indoors, damp, not recorded' => [['exposure' => 'damp'], ['kind' => 'basement'], [null, null, null, null]],
    'a light outdoors' => [['kind' => 'light', 'device' => 'none'], ['kind' => 'outdoors'], [null, null, null, null]],
]);
