<?php

declare(strict_types=1);

use Bouclier\Core\Feed\Observed\Switchings;
use Bouclier\Core\House\Moment;
use Tests\Core\Build;

it('tells whether a breaker was off at a moment, by its own, what feeds it, and the order things were done in', function (
    array $turned,
    bool $was,
): void {
    $house = Build::house([
        'panels' => [['id' => 'main', 'name' => 'Main'], ['id' => 'sub', 'name' => 'Sub', 'fed_from' => 'c1']],
        'circuits' => [Build::circuit('c1'), Build::circuit('c2', ['panel' => 'sub'])],
        'records' => ['switched' => array_map(
            fn(array $one): array => [
                ...$one[0] === 'main' ? ['panel' => 'main'] : ['circuit' => $one[0]],
                'on' => $one[1], 'at_time' => "2026-05-01T$one[2]:00:00Z",
            ],
            $turned,
        )],
    ]);
    expect((new Switchings($house))->wasOff($house->circuit('c2'), Moment::seconds('2026-05-01T12:00:00Z')))->toBe($was);
})->with([
    'never turned' => [[], false],
    'off before' => [[['c2', false, '11']], true],
    'off after' => [[['c2', false, '13']], false],
    'off and on again before' => [[['c2', false, '10'], ['c2', true, '11']], false],
    'off before, on after' => [[['c2', false, '11'], ['c2', true, '13']], true],
    'filed in another order' => [[['c2', true, '13'], ['c2', false, '11']], true],
    'its feeder' => [[['c1', false, '11']], true],
    'the main' => [[['main', false, '11'], ['c2', true, '11']], true],
]);

it('takes a moment nobody noted for now', function (): void {
    $house = Build::house(['records' => ['switched' => [['circuit' => 'c1', 'on' => false, 'at_time' => '2026-05-01T11:00:00Z']]]]);
    expect((new Switchings($house))->wasOff($house->circuit('c1'), null))->toBeTrue()
        ->and((new Switchings($house))->wasOff($house->circuit('c2'), null))->toBeFalse();
});
