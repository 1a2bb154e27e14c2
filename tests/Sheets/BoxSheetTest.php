<?php

declare(strict_types=1);

use Bouclier\Core\House\BackEnd;
use Bouclier\Core\House\Entries\BackNoted;
use Bouclier\Core\House\Entries\WireNoted;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\WhichBack;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\Switching;
use Bouclier\Sheets\BoxSheet;
use Tests\Core\Build;

function pairedBox(array $more = []): House
{
    return Build::house($more + [
        'circuits' => [Build::circuit('c1', ['slot' => '7', 'label' => 'Counter'])],
        'points' => [Build::point('g', ['device' => 'gfci', 'ground' => 'wire']), Build::point('p'), Build::point('q')],
        'cables' => [
            Build::cable('c1', 'g', null, 'line', ['id' => 'in', 'mark' => 'red tape', 'method' => 'nm', 'awg' => 12]),
            Build::cable('g', 'p', 'load', 'line', ['id' => 'on']),
            Build::cable('p', 'q'),
        ],
    ]);
}

function boxOf(House $house, string $point = 'g'): array
{
    return BoxSheet::of($house, $house->point($point), new Asker('2026-03-02T10:00:00Z', 'Ada'));
}

it('shows each pair with its cable, its landing, and what would happen with it landed otherwise', function (): void {
    [$feed, $onward] = boxOf(pairedBox())['pairs'];
    $then = array_column($onward['cable']['if'], null, 'land');
    expect($feed['cable'])->toMatchArray(['id' => 'in', 'end' => 'to'])
        ->and($feed['seen'])->toMatchArray(['awg' => 12, 'method' => 'nm', 'mark' => 'red tape'])
        ->and($feed['isFeed'])->toBeTrue()
        ->and($onward['cable'])->toMatchArray(['id' => 'on', 'end' => 'from'])
        ->and($onward['landing'])->toBe(['hot' => 'load', 'neutral' => 'load'])
        ->and($then['load'])->toMatchArray(['isNow' => true, 'gains' => [], 'loses' => []])
        ->and($then['line'])->toMatchArray(['isNow' => false, 'loses' => ['X-p', 'X-q']])
        ->and($then['cap']['dark'])->toBe(['X-p', 'X-q']);
});

it('asks of a pair by each means there is, once pairs have letters', function (): void {
    $closed = boxOf(pairedBox())['pairs'][0];
    $open = boxOf(pairedBox(['observations' => [['kind' => 'open', 'point' => 'g', 'pairs' => 2]]]));
    expect($closed['name'])->toBeNull()->and(json_encode($closed['asks']))->toBe('{}')
        ->and($open['opened'])->toBe(2)->and($open['pairs'][0]['name'])->toBe('a')
        ->and(array_keys($open['pairs'][0]['asks']->all))->toBe(array_column($open['means'], 'value'))
        ->and($open['pairs'][0]['asks']->all['meter']['answers'][0])->toMatchArray(['feed' => true]);
});

it('tells live work, hands and breakers by what is off and proved', function (): void {
    $house = pairedBox();
    $off = Switching::turned($house, $house->circuit('c1'), false, 'Ada', '2026-03-02T09:40:00Z');
    expect(boxOf($house)['breakers'])->toBe([['id' => 'c1', 'spoken' => '7 Counter', 'off' => false, 'lock' => null]])
        ->and(boxOf($off)['breakers'][0]['off'])->toBeTrue()
        ->and(boxOf($off)['handsOn']['allowed'])->toBeFalse()->and(boxOf($off)['handsOn']['why'])->not->toBe('')
        ->and(boxOf($house)['seenLive'])->toBeNull();
});

it('offers the ways to prove it dead that can be taken there, each with where the meter goes', function (): void {
    $ways = array_column(boxOf(pairedBox())['ways'], null, 'way');
    expect(array_keys($ways))->toBe(['seen_live', 'line_terminals', 'reference'])
        ->and(array_column(boxOf(pairedBox(), 'p')['ways'], 'way'))->toBe(['seen_live', 'reference'])
        ->and($ways['reference']['reference'])->toBeTrue()->and($ways['seen_live']['reference'])->toBeFalse()
        ->and(array_unique(array_column($ways['line_terminals']['toRead'], 'terminals')))->toContain('line')
        ->and(boxOf(pairedBox(), 'p')['halves'])->toBe(['top', 'bottom'])
        ->and(boxOf(pairedBox(['points' => [Build::point('g', ['yoke' => 'single']), Build::point('p'), Build::point('q')]]))['halves'])
        ->toBe([null]);
});

it('keeps the last word on each check, and the notes and photographs of this box alone', function (): void {
    $at = fn(string $point, array $more): array => ['point' => $point, 'at_time' => '2026-03-02T09:40:00Z', 'who' => 'Bo', ...$more];
    $sheet = boxOf(pairedBox(['records' => [
        'box_checks' => [
            $at('g', ['check' => 'torque', 'ok' => true]), $at('g', ['check' => 'torque', 'ok' => false]),
            $at('p', ['check' => 'cover', 'ok' => true]),
        ],
        'notes' => [$at('g', ['id' => 'n', 'text' => 'Crowded']), $at('p', ['text' => 'Elsewhere'])],
        'photos' => [$at('g', ['id' => 'f', 'file' => 'a.jpg'])],
        'boxes' => [$at('g', ['state' => 'apart'])],
    ]]));
    $checks = array_column($sheet['checks'], 'ok', 'id');
    expect($checks['torque'])->toBeFalse()->and($checks['cover'])->toBeNull()
        ->and(array_column($sheet['notes'], 'text'))->toBe(['Crowded'])
        ->and($sheet['photos'])->toBe([['id' => 'f', 'text' => null, 'at' => '2026-03-02T09:40:00Z', 'who' => 'Bo', 'file' => 'a.jpg']])
        ->and($sheet['state'])->toBe('apart');
});

it('says what the old landing said and the meter did not', function (): void {
    $seen = fn(string $by, string $pair): array => ['kind' => 'pair', 'point' => 'g', 'pair' => $pair, 'live' => true, 'by' => $by];
    $open = ['kind' => 'open', 'point' => 'g', 'pairs' => 2];
    expect(boxOf(pairedBox(['observations' => [$open, $seen('old_landing', 'a'), $seen('meter', 'b')]]))['asFound'])
        ->toContain('Pair a sat on LINE')->toContain('pair b is the feed')
        ->and(boxOf(pairedBox(['observations' => [$open, $seen('old_landing', 'b'), $seen('meter', 'b')]]))['asFound'])->toBeNull();
});

it('says what a box holds and needs where the code counts it in cubic inches', function (): void {
    $points = [Build::point('g', ['device' => 'gfci', 'box' => ['volume_in3' => 18, 'free_in' => 6.5, 'bonded' => true]])];
    $house = fn(string $edition): House => pairedBox([
        'points' => [...$points, Build::point('p'), Build::point('q')], 'code' => ['edition' => $edition],
    ]);
    expect(boxOf($house('nec-2023'))['volume']['has'])->toBe(18.0)->and(boxOf($house('nec-2023'))['volume']['needs'])->toBeGreaterThan(8.0)
        ->and(boxOf($house('cec-2021'))['volume']['needs'])->toBeNull()
        ->and(boxOf($house('nec-2023'))['taps'][0])->toMatchArray(['field' => 'free_in', 'said' => '6.5']);
});

it('moves each wire from the old back to the new, and says which change their end', function (): void {
    $house = pairedBox(['cables' => [], 'observations' => [
        ['kind' => 'open', 'point' => 'g', 'pairs' => 2],
        ['kind' => 'pair', 'point' => 'g', 'pair' => 'a', 'live' => true, 'by' => 'meter'],
        ['kind' => 'pair', 'point' => 'g', 'pair' => 'b', 'live' => false, 'by' => 'meter'],
    ]]);
    $note = fn(string $back, string $end, bool $leads): BackNoted => new BackNoted(
        'g',
        WhichBack::from($back),
        BackEnd::from($end),
        $leads,
    );
    expect(boxOf($house)['backs'])->toMatchArray(['old' => null, 'new' => null]);
    $backs = boxOf($house->withEntry(
        $note('old', 'top', false),
        $note('new', 'bottom', true),
        new WireNoted('g', 'a', WhichBack::Old, Land::Line, Land::Line),
        new WireNoted('g', 'b', WhichBack::Old, Land::Load),
    ))['backs'];
    $moves = $backs['moves'];
    expect(array_column($moves, 'name'))->toBe(['a', 'b'])
        ->and($backs['new'])->toBe(['lineAt' => 'bottom', 'leads' => true])
        ->and($moves[0]['oldHot'])->toMatchArray(['land' => 'line', 'end' => 'top'])
        ->and($moves[0]['newHot'])->toMatchArray(['land' => 'line', 'end' => 'bottom'])
        ->and($moves[0]['changesEnd'])->toBeTrue()
        // Of pair b nobody has said where it goes.
        ->and($moves[1])->toMatchArray(['newHot' => null, 'oldNeutral' => null, 'changesEnd' => false])
        ->and($moves[1]['oldHot'])->toMatchArray(['land' => 'load', 'end' => 'bottom']);
});
