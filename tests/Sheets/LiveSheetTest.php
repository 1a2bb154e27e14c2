<?php

declare(strict_types=1);

use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\BreakerHunt;
use Bouclier\Core\Live\Locking;
use Bouclier\Core\Live\OpenBoxes;
use Bouclier\Core\Live\Switching;
use Bouclier\Sheets\HuntSheet;
use Bouclier\Sheets\LiveSheet;
use Tests\Core\Build;

const OFF_AT = '2026-03-02T09:40:00Z';

function panelled(array $more = []): House
{
    return Build::house($more + [
        'panels' => [['id' => 'main', 'name' => 'Main'], ['id' => 'sub', 'name' => 'Shed', 'fed_from' => 'c1']],
        'circuits' => [
            Build::circuit('c1', ['slot' => '1', 'label' => 'Shed feeder']), Build::circuit('c2', ['slot' => '2', 'panel' => 'sub']),
            Build::circuit('c3', ['slot' => '3', 'label' => 'Kitchen']),
        ],
        'points' => [Build::point('p'), Build::point('q')], 'cables' => [Build::cable('c2', 'p'), Build::cable('c3', 'q')],
    ]);
}

function off(House $house, string $circuit): House
{
    return Switching::turned($house, $house->circuit($circuit), false, 'Bo', OFF_AT);
}

/** The live bar by breaker. */
function liveOf(House $house): array
{
    return array_column(LiveSheet::of($house, new Asker('2026-03-02T10:00:00Z', 'Ada'))['live'], null, 'id');
}

it('takes what hangs behind a breaker that is off for off, with who turned it', function (): void {
    $live = liveOf(off(panelled(), 'c1'));
    expect(array_map(fn(array $one): bool => $one['off'], $live))->toBe(['c1' => true, 'c2' => true, 'c3' => false])
        ->and($live['c2'])->toMatchArray(['switchedBy' => 'Bo', 'switchedAt' => OFF_AT, 'panel' => 'Shed']);
});

it('shows the lock of a breaker while it is off', function (): void {
    $house = off(panelled(), 'c3');
    $locked = Locking::locked($house, $house->circuit('c3'), true, 'Ada, kitchen', 'Ada', OFF_AT);
    expect(liveOf($house)['c3']['lock'])->toBeNull()
        ->and(liveOf($locked)['c3']['lock'])->toBe(['how' => 'tagged', 'key' => 'Ada, kitchen'])
        ->and(liveOf(Switching::turned($locked, $locked->circuit('c3'), true, 'Bo', '2026-03-02T09:50:00Z'))['c3']['lock'])->toBeNull();
});

it('says before a breaker goes on which open boxes power would come to, and waits for bare ends', function (): void {
    $house = off(panelled(), 'c3');
    $opened = OpenBoxes::noted($house, $house->point('q'), BoxState::Opened, 'Ada', OFF_AT);
    $apart = OpenBoxes::noted($house, $house->point('q'), BoxState::Apart, 'Ada', OFF_AT);
    expect(liveOf($house)['c3'])->toMatchArray(['boxes' => [], 'waits' => false])
        ->and(liveOf($opened)['c3']['boxes'])->toHaveCount(1)->and(liveOf($opened)['c3']['waits'])->toBeFalse()
        ->and(liveOf($apart)['c3']['waits'])->toBeTrue();
});

it('alarms where power is on a box that is open', function (): void {
    $house = OpenBoxes::noted(panelled(), panelled()->point('q'), BoxState::Apart, 'Ada', OFF_AT);
    $alarms = fn(House $one): array => LiveSheet::of($one, new Asker('2026-03-02T10:00:00Z', 'Ada'))['alarms'];
    expect($alarms($house)[0])->toMatchArray(['loud' => true, 'point' => 'q'])->and($alarms(off($house, 'c3')))->toBe([]);
});

it('shows a main that is off', function (): void {
    $house = Switching::mainTurned(panelled(), panelled()->panel('sub'), false, 'Bo', OFF_AT);
    $sheet = LiveSheet::of($house, new Asker('2026-03-02T10:00:00Z', 'Ada'));
    expect(array_column($sheet['mains'], 'off', 'id'))->toBe(['main' => false, 'sub' => true])
        ->and(array_column($sheet['live'], 'off', 'id'))->toBe(['c1' => false, 'c2' => true, 'c3' => false]);
});

it('asks both phones the same, and is over when what it is about is gone', function (): void {
    $house = panelled(['points' => [Build::point('p'), Build::point('q')], 'cables' => []]);
    $hunt = BreakerHunt::begun($house, 'p');
    $sheet = HuntSheet::of($hunt, $house, 2, 'u1', 'Ada');
    expect($sheet)->toMatchArray(['step' => 2, 'by' => 'u1', 'byName' => 'Ada', 'code' => 'X-p', 'phase' => 'flip', 'left' => 2])
        ->and($sheet['off'][0])->toHaveKeys(['id', 'slot', 'label'])
        ->and(HuntSheet::of($hunt, panelled(['points' => [], 'cables' => []]), 2, 'u1', 'Ada'))->toBeNull()
        ->and(array_column(HuntSheet::breakersOf($house, 'p')['candidates'], 'id'))->toHaveCount(2);
});
