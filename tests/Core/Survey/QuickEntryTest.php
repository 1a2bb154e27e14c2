<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\House\House;
use Bouclier\Core\Survey\EnteredLine;
use Bouclier\Core\Survey\EntryFault;
use Bouclier\Core\Survey\OutletWords;
use Bouclier\Core\Survey\QuickEntry;
use Tests\Core\Build;

function surveyed(array $points = []): House
{
    return Build::house([
        'areas' => [
            Build::area('k', 'kitchen', ['fixtures' => [['id' => 'ksink', 'kind' => 'sink']]]),
            Build::area(
                'b',
                'bathroom',
                ['fixtures' => [['id' => 'b1', 'kind' => 'sink'], ['id' => 'b2', 'kind' => 'sink'], ['id' => 'btub', 'kind' => 'bathtub']]],
            ),
            Build::area('e', 'bedroom'),
        ],
        'circuits' => [Build::circuit('c7', ['slot' => '7']), Build::circuit('c1', ['slot' => '1/3'])],
        'points' => $points,
    ]);
}

function entered(string $line, array $points = [], ?string $area = null, ?string $last = null): EnteredLine
{
    return (new QuickEntry(surveyed($points)))->parse($line, $area, $last);
}

it('reads an outlet, in any order and as it is said', function (string $line, array $set): void {
    $entry = entered($line);
    expect($entry->faults)->toBe([])->and($entry->in)->toBe('points')->and($entry->isNew)->toBeTrue()->and($entry->set)->toMatchArray($set);
})->with(function (): array {
    $counter = [
        'code' => 'K1-01',
        'area' => 'k',
        'serves' => 'countertop',
        'amps' => 20,
        'device' => 'gfci',
        'distances' => [['fixture' => 'ksink', 'ft' => 2.5]],
    ];

    return [
        'shorthand' => ["K1 ct 20 gfci 2'6 sink", $counter],
        'another order' => ["k1 gfci 2'6\" sink ct 20a", $counter],
        'typographic primes' => ['K1 ct 20 gfci 2′6″ sink', $counter],
        'decimal feet' => ['K1 ct 20 gfci 2.5ft sink', $counter],
        'inches' => ['K1, ct, 20, gfci, 30in sink', $counter],
        'feet and inches apart' => ['K1 ct 20 gfci 2 ft 6 in sink', $counter],
        'dictated' => ['K1 counter twenty amp gfci two foot six inches from the sink', $counter],
        'dictated, inches left out' => ['K1 counter 20 amps gfci 2 foot 6 from the sink', $counter],
        'metres' => ['K1 1.2m sink', ['distances' => [['fixture' => 'ksink', 'ft' => 3.937]]]],
        'a rating after feet is no inches' => ["K1 2' sink 20", ['distances' => [['fixture' => 'ksink', 'ft' => 2]], 'amps' => 20]],
        'past a door, in another room' => [
            'E1 5ft tub door',
            ['area' => 'e', 'distances' => [['fixture' => 'btub', 'ft' => 5, 'crosses' => 'door']]],
        ],
        'behind a wall, by id' => ["E1 4' @b2 wall", ['distances' => [['fixture' => 'b2', 'ft' => 4, 'crosses' => 'barrier']]]],
        'two waters' => ["B1 3' @b1 5'3 tub", ['distances' => [['fixture' => 'b1', 'ft' => 3], ['fixture' => 'btub', 'ft' => 5.25]]]],
        'circuit by slot' => ['E1 #7', ['circuit' => 'c7']],
        'circuit in words' => ['E1 circuit 1/3', ['circuit' => 'c1']],
        'circuit by name' => ['E1 c7', ['circuit' => 'c7']],
        'a light' => ['E1 light', ['kind' => 'light', 'device' => 'none', 'name' => 'Light']],
        'outdoors' => ['E1 wet flip 20 wr', ['exposure' => 'wet', 'cover' => 'flip', 'amps' => 20, 'wr' => true]],
        'old' => ['E1 noground std', ['ground' => 'none', 'device' => 'standard']],
        'height' => ["E1 high 3'8", ['height_ft' => 3.6667]],
        'height the other way' => ['E1 44in high', ['height_ft' => 3.6667]],
        'named' => ['E1 "Behind the bed, left" 15', ['name' => 'Behind the bed, left', 'amps' => 15]],
        'range' => ['K1 range 50 250v single', ['serves' => 'range', 'amps' => 50, 'volts' => 250, 'yoke' => 'single']],
    ];
});

it('goes on in the room of the last line, and repeats the last outlet', function (): void {
    $last = Build::point(
        'p',
        [
            'code' => 'K1-04',
            'area' => 'k',
            'serves' => 'countertop',
            'amps' => 20,
            'device' => 'gfci',
            'circuit' => 'c7',
            'distances' => [['fixture' => 'ksink', 'ft' => 2]],
        ],
    );
    expect(entered('ct 20', [$last], 'k')->set)->toMatchArray(['code' => 'K1-05', 'area' => 'k', 'serves' => 'countertop'])

            ->and(entered("same 7' sink std", [$last], 'k', 'p')->set)
            ->toMatchArray([
                'amps' => 20,
                'serves' => 'countertop',
                'circuit' => 'c7',
                'device' => 'standard',
                'distances' => [['fixture' => 'ksink', 'ft' => 7]],
            ]);
});

it('changes an outlet that is there, and only what the line says', function (): void {
    $point = Build::point(
        'p',
        [
            'code' => 'K1-04',
            'area' => 'k',
            'amps' => 20,
            'distances' => [['fixture' => 'ksink', 'ft' => 2, 'measured' => 'horizontal'], ['fixture' => 'btub', 'ft' => 9]],
        ],
    );
    $entry = entered("k1-04 gfci 3' sink", [$point]);
    expect($entry->isNew)->toBeFalse()->and($entry->id)->toBe('p')

            ->and($entry->set)
            ->toEqual([
                'device' => 'gfci',
                'distances' => [['fixture' => 'ksink', 'ft' => 3, 'measured' => 'horizontal'], ['fixture' => 'btub', 'ft' => 9]],
            ]);
});

it('reads rooms and circuits', function (string $line, string $in, array $set): void {
    $entry = entered($line, [Build::point('p', ['code' => 'K1-04', 'area' => 'k'])]);
    expect($entry->faults)->toBe([])->and($entry->in)->toBe($in)->and($entry->set)->toMatchArray($set);
})->with([
    'a room with water' => [
        'K2 kit sink',
        'areas',
        ['code' => 'K2', 'kind' => 'kitchen', 'name' => 'Kitchen', 'fixtures' => [['id' => 'k2-sink', 'kind' => 'sink']]],
    ],
    'in as few keys as can be' => [
        'B3 ba si tu',
        'areas',
        ['kind' => 'bathroom', 'fixtures' => [['id' => 'b3-sink', 'kind' => 'sink'], ['id' => 'b3-bathtub', 'kind' => 'bathtub']]],
    ],
    'a bath is a room before it is a tub' => [
        'B3 bath bath',
        'areas',
        ['kind' => 'bathroom', 'fixtures' => [['id' => 'b3-bathtub', 'kind' => 'bathtub']]],
    ],
    'below, unfinished, named' => [
        'U1 base below unfinished "Cellar"',
        'areas',
        ['kind' => 'basement', 'grade' => 'below', 'finished' => false, 'name' => 'Cellar'],
    ],
    'more water in a room that is there' => [
        'K1 kit sink',
        'areas',
        ['fixtures' => [['id' => 'ksink', 'kind' => 'sink'], ['id' => 'k-sink', 'kind' => 'sink']]],
    ],
    'a circuit' => [
        '#9 20 gfci Kitchen left',
        'circuits',
        ['slot' => '9', 'amps' => 20, 'breaker' => 'gfci', 'label' => 'Kitchen left', 'panel' => 'main'],
    ],
    'a circuit of 240 V' => ['#2/4 30a 240v Dryer', 'circuits', ['amps' => 30, 'volts' => 240, 'poles' => 2, 'label' => 'Dryer']],
    'something plugged in' => ['+ kettle K1-04 1500w on', 'appliances', ['name' => 'Kettle', 'at' => 'p', 'watts' => 1500, 'on' => true]],
    'standing by' => ['+ Chest freezer critical', 'appliances', ['name' => 'Chest freezer', 'at' => null, 'critical' => true]],
    'a sub-panel' => ['panel "Workshop panel" from #7 in K1', 'panels', ['name' => 'Workshop panel', 'fed_from' => 'c7', 'area' => 'k']],
    'a panel that is there' => ['panel Main in B1', 'panels', ['area' => 'b']],
    'a circuit that is there' => ['#7 15', 'circuits', ['amps' => 15]],
]);

it('says what is wrong at the word that is wrong', function (string $line, string $word, string $said): void {
    $entry = entered($line);
    expect($entry->isReady())->toBeFalse()->and($entry->faults)->not->toBe([]);
    $texts = array_map(fn(EntryFault $fault): string => mb_substr($line, $fault->from, $fault->to - $fault->from), $entry->faults);
    expect($texts[0])->toBe($word)->and($entry->faults[0]->message)->toContain($said);
})->with([
    'a slip' => ['K1 gfcii', 'gfcii', 'is it "gfci"?'],
    'no word at all' => ['K1 xyzzyplugh', 'xyzzyplugh', 'a name goes in quotes'],
    'a bare number' => ['K1 7', '7', '7 of what?'],
    'a length to nothing' => ["K1 2'6", "2'6", 'from what?'],
    'water without a length' => ['K1 sink', 'sink', 'How far'],
    'a door without a length' => ['E1 door', 'door', 'after a distance'],
    'water that is not there' => ["K1 2' shower", 'shower', 'There is no shower in this house yet'],
    'water of which there are two' => ["B1 2' sink", 'sink', '@b1, @b2'],
    'an id that is not there' => ["K1 2' @nope", '@nope', 'There is no @nope'],
    'a circuit that is not there' => ['K1 #9', '#9', 'there are 7, 1/3'],
    'a room that is not there' => ['Z1 ct', 'ct', 'There is no room Z1 yet'],
    'nowhere to go on' => ['ct 20', 'ct', 'Begin with a room'],
    'nothing to repeat' => ['K1 same', 'same', 'no outlet before'],
    'height without a length' => ['K1 high gfci', 'high', 'How high?'],
    'accents before it' => ['K1 "Küche é" gfcii', 'gfcii', 'is it "gfci"?'],
    'a panel from nowhere' => ['panel Sub from #9', '#9', 'There is no circuit 9 yet'],
    'nothing plugged in' => ['+ 1500w', '+', 'Say what it is'],
    'a circuit without amperes' => ['#9 Kitchen', '#9', 'Say its amperes'],
]);

it('reads back every outlet it writes', function (): void {
    mt_srand(4);
    $any = fn(array $of): mixed => $of[mt_rand(0, count($of) - 1)];
    $maybe = fn(string $key, array $of): array => mt_rand(0, 1) === 1 ? [$key => $any($of)] : [];
    $blank = surveyed();
    for ($i = 0; $i < 3000; ++$i) {
        $distances = [];
        foreach (['ksink', 'b1', 'btub'] as $fixture) {
            if (mt_rand(0, 2) === 0) {
                $distances[] = [
                    'fixture' => $fixture,
                    'ft' => $any([mt_rand(0, 2000) / 100, mt_rand(0, 960) / 48, mt_rand(0, 20), 1.0833]),
                ] + $maybe('crosses', ['none', 'door', 'barrier']) + $maybe('measured', ['horizontal']);
            }
        }
        $point = [
            'code' => 'K1-01',
            'area' => 'k',
            'name' => $any(['Window', 'ct 20 gfci', "Aunt's room, left", '#7 2\'6 sink', 'Ünïcode 🔌']),
            'kind' => $any(['receptacle', 'hardwired', 'light', 'switch', 'junction']),
            'device' => $any(['standard', 'gfci', 'afci', 'dual', 'none']),
        ]
            + $maybe('amps', [15, 20, 30, 12.5, 50]) + $maybe('volts', [125, 250]) + $maybe(
                'serves',
                array_column(Bouclier\Core\House\Serves::cases(), 'value'),
            ) + $maybe('exposure', ['dry', 'damp', 'wet'])
            + $maybe('accessible', [true, false]) + $maybe(
                'height_ft',
                [1.5, 3.6667, 4, mt_rand(0, 900) / 100],
            ) + ($distances === [] ? [] : ['distances' => $distances]) + $maybe('cover', ['none', 'flip', 'in_use'])
            + $maybe('circuit', ['c7', 'c1']) + $maybe('yoke', ['duplex', 'single']) + $maybe(
                'ground',
                ['wire', 'raceway', 'none', 'broken', 'unknown'],
            ) + $maybe('tr', [true, false]) + $maybe('wr', [true, false]);
        $house = surveyed([Build::point('p', $point)]);
        $line = 'K1 ' . (new OutletWords($house))->of($house->points[0]);
        $entry = (new QuickEntry($blank))->parse($line);
        expect($entry->faults)->toBe([], $line);
        expect(['id' => 'p'] + $entry->set)->toEqual(PartForm::write($house->points[0]), $line);
    }
});

it('is never brought down by what is typed', function (): void {
    mt_srand(11);
    $words = [
        'K1', 'K1-01', 'B1', '#7', '#', 'c7', 'ct', '20', "2'6", "2'", '2', 'ft', 'in', '"', "'", 'sink', 'tub', '@b1', '@',
        '#5/7', '2p', '240v', 'door', 'same', 'high', 'circuit', 'kit', 'ba', 'gfci', 'two', 'feet', '1.2m', '999999999999', '1e9', '-3',
        "\0", "\xff", '🔌', str_repeat('x', 300),
    ];
    $entry = new QuickEntry(surveyed([Build::point('p', ['code' => 'K1-01', 'area' => 'k'])]));
    $ready = 0;
    for ($i = 0; $i < 6000; ++$i) {
        $line = '';
        if ($i % 3 === 0) {
            for ($n = mt_rand(0, 40); $n > 0; --$n) {
                $line .= chr(mt_rand(0, 255));
            }
        } else {
            for ($n = mt_rand(0, 9); $n > 0; --$n) {
                $line .= $words[mt_rand(0, count($words) - 1)] . (mt_rand(0, 4) > 0 ? ' ' : '');
            }
        }
        $parsed = $entry->parse($line, mt_rand(0, 1) === 1 ? 'k' : null, mt_rand(0, 1) === 1 ? 'p' : null);
        $ready += $parsed->isReady() ? 1 : 0;
        foreach ($parsed->faults as $fault) {
            expect($fault->from)->toBeLessThanOrEqual($fault->to)->and($fault->message)->not->toBe('');
        }
        json_encode([$parsed->set, $parsed->echo], JSON_THROW_ON_ERROR);
    }
    expect($ready)->toBeGreaterThan(100);
});

it('reads one two-pole protective breaker on two circuits that share a neutral', function (string $line, array $one, array $other): void {
    $entry = entered($line);
    expect($entry->faults)->toBe([])->and($entry->in)->toBe('circuits')->and($entry->set)->toMatchArray($one)
        ->and($entry->also)->toHaveCount(1)->and($entry->also[0]->set)->toMatchArray($other)
        ->and($entry->set['multiwire_with'])->toBe($entry->also[0]->id)->and($entry->also[0]->set['multiwire_with'])->toBe($entry->id);
})->with([
    'both new' => [
        '#5/9 20 gfci 2p',
        ['slot' => '5', 'amps' => 20, 'breaker' => 'gfci', 'common_trip' => true, 'leg' => 'a', 'panel' => 'main'],
        ['slot' => '9', 'amps' => 20, 'breaker' => 'gfci', 'common_trip' => true, 'leg' => 'b', 'panel' => 'main'],
    ],
    'with a name' => ['#5/9 15 dual 2p "Sewing room"', ['label' => 'Sewing room', 'breaker' => 'dual'], ['label' => 'Sewing room']],
    'one is there' => ['#5/7 20 afci 2p', ['slot' => '5', 'label' => 'Circuit 5'], ['common_trip' => true, 'leg' => 'b']],
]);

it('reads one circuit of 240 V where the breaker has two poles for that', function (string $line, string $slot): void {
    $entry = entered($line);
    expect($entry->also)->toBe([])->and($entry->set)->toMatchArray(['volts' => 240, 'poles' => 2, 'slot' => $slot]);
})->with([
    'said so' => ['#5/9 20 gfci 240v Pump', '5/9'],
    'too large for a shared neutral' => ['#5/9 50 gfci 2p Spa', '5/9'],
    'no protection' => ['#5/9 20 2p Heater', '5/9'],
]);

it('wants the amperes of a two-pole breaker that is new', function (): void {
    expect(entered('#5/9 gfci 2p')->faults[0]->message)->toContain('Say its amperes');
});
