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
    expect($entry->faults)->toBe([])->and($entry->in)->toBe('points')->and($entry->isNew)->toBeTrue()->and(
        array_intersect_key($entry->set, $set),
    )->toEqual($set);
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
        'an open box' => [
            'E1 free 3in face 2.5in box 18',
            ['box' => (object) ['free_in' => 3, 'past_face_in' => 2.5, 'volume_in3' => 18]],
        ],
        'free conductor in centimetres' => ['E1 free 7.5cm', ['box' => (object) ['free_in' => 2.95]]],
        'height' => ["E1 high 3'8", ['height_ft' => 3.6667]],
        'height the other way' => ['E1 44in high', ['height_ft' => 3.6667]],
        'named' => ['E1 "Behind the bed, left" 15', ['name' => 'Behind the bed, left', 'amps' => 15]],
        'garbage' => ['K1 garbage under sink', ['serves' => 'disposal', 'name' => 'Disposal, under the sink']],
        'micro' => ['K1 micro above the stove', ['serves' => 'microwave', 'name' => 'Microwave, above the range']],
        'behind' => ['K1 behind the fridge', ['serves' => 'refrigerator', 'name' => 'Behind the refrigerator']],
        'behind nothing we know' => ['E1 behind couch 15', ['name' => 'Behind the couch', 'amps' => 15]],
        'island' => ['K1 ct island 20', ['serves' => 'countertop', 'name' => 'Countertop, island']],
        'vanity' => ['B1 vanity gfci', ['serves' => 'countertop', 'device' => 'gfci']],
        'double' => ['E1 double 15', ['yoke' => 'duplex', 'amps' => 15]],
        'bottom' => ['E1 bottom', ['name' => 'Bottom']],
        'bottom switched' => ['E1 bottom switched', ['halves' => (object) ['switched' => 'bottom']]],
        'two words for one thing' => ['E1 sump pump 15', ['serves' => 'sump_pump']],
        'a range hood' => ['K1 hood', ['serves' => 'range_hood', 'name' => 'Range hood']],
        'an opener on the ceiling' => ['E1 opener on the ceiling', ['serves' => 'garage_opener', 'name' => 'Garage door opener, ceiling']],
        'the ceiling before its opener' => ['E1 ceiling opener', ['serves' => 'garage_opener']],
        'a bath fan' => ['B1 bathfan', ['serves' => 'bath_fan', 'kind' => 'hardwired', 'device' => 'none']],
        'a rating in one word' => ['E1 20A/240V', ['amps' => 20, 'volts' => 250]],
        'arc and ground fault' => ['K1 afci gfci', ['device' => 'dual']],
        'a combination of both' => ['K1 combo afci gfci', ['device' => 'dual']],
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
        'K1 kit another sink',
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
    'a room named without quotes' => ['B7 bath Upper bath', 'areas', ['kind' => 'bathroom', 'name' => 'Upper bath']],
    'a room named by its last word' => ['X1 Tool shed', 'areas', ['kind' => 'accessory_building', 'name' => 'Tool shed']],
    'a room of two words' => ['V1 living room', 'areas', ['kind' => 'living', 'name' => 'Living room']],
    'a room renamed' => ['K1 "Main kitchen"', 'areas', ['name' => 'Main kitchen']],
    'a room renamed without quotes' => ['E1 Guest bedroom', 'areas', ['name' => 'Guest bedroom', 'kind' => 'bedroom']],
    'a porch' => ['O1 porch', 'areas', ['kind' => 'outdoors', 'name' => 'Porch']],
    'a carport' => ['O1 carport', 'areas', ['kind' => 'outdoors', 'name' => 'Carport']],
    'a mudroom' => ['R1 mudroom', 'areas', ['kind' => 'similar', 'name' => 'Mudroom']],
    'a vanity' => [
        'B7 bath vanity combo',
        'areas',
        ['fixtures' => [
            ['id' => 'b7-sink', 'kind' => 'sink'], ['id' => 'b7-bathtub', 'kind' => 'bathtub'], ['id' => 'b7-shower', 'kind' => 'shower'],
        ]],
    ],
    'two basins' => [
        'B7 bath double vanity',
        'areas',
        ['fixtures' => [['id' => 'b7-sink', 'kind' => 'sink'], ['id' => 'b7-sink-2', 'kind' => 'sink']]],
    ],
    'one sink of two bowls' => ['K7 kit double sink', 'areas', ['fixtures' => [['id' => 'k7-sink', 'kind' => 'sink']]]],
    'a rating in one word' => ['#9 20A/240V Heater', 'circuits', ['amps' => 20, 'volts' => 240, 'poles' => 2, 'label' => 'Heater']],
    'a combination breaker' => ['#9 15 combo Beds', 'circuits', ['breaker' => 'afci', 'breaker_listing' => 'combination']],
    'a breaker for both' => ['#9 15 afci gfci', 'circuits', ['breaker' => 'dual']],
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
    'free conductor without a length' => ['K1 free gfci', 'free', 'How long is it? Write free 3in'],
    'a box without its inches' => ['K1 box gfci', 'box', 'How large is the box?'],
    'height without a length' => ['K1 high gfci', 'high', 'How high?'],
    'accents before it' => ['K1 "Küche é" gfcii', 'gfcii', 'is it "gfci"?'],
    'a panel from nowhere' => ['panel Sub from #9', '#9', 'There is no circuit 9 yet'],
    'nothing plugged in' => ['+ 1500w', '+', 'Say what it is'],
    'another sink' => ['K1 kit sink', 'sink', 'Another sink?'],
    'two things' => ['K1 washer dryer', 'dryer', 'washer or dryer?'],
    'two devices' => ['K1 std gfci', 'gfci', 'std or gfci?'],
    'which combination' => ['K1 combo gfci', 'combo', 'Which combination'],
    'which half' => ['E1 switched', 'switched', 'Which half'],
    'three of them at one distance' => ["K1 ct x3 2' sink", "2'", 'Which of them'],
    'more than can be' => ['E1 x40', 'x40', 'From 1 to 20'],
    'a room that is there' => ['K1 same as B1', 'same', 'K1 is there'],
    'like nothing' => ['B9 same as Z1', 'Z1', 'There is no room Z1'],
    'a slip in a room' => ['B9 bath snk', 'snk', 'or the room'],
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

it('adds as many as are said', function (): void {
    $three = entered('K1 ct 20 x3');
    expect($three->faults)->toBe([])->and($three->echo)->toContain('3 outlets, K1-01 to K1-03')
        ->and(array_map(fn(EnteredLine $line): mixed => $line->set['code'], [$three, ...$three->also]))->toBe(['K1-01', 'K1-02', 'K1-03'])
        ->and(count(array_unique(array_map(fn(EnteredLine $line): string => $line->id, [$three, ...$three->also]))))->toBe(3);
    $last = Build::point('p', ['code' => 'K1-04', 'area' => 'k', 'amps' => 20]);
    $same = entered('same x4', [$last], 'k', 'p');
    expect($same->also)->toHaveCount(3)->and($same->also[2]->set)->toMatchArray(['code' => 'K1-08', 'amps' => 20]);
});

it('changes several at once', function (string $line, array $ids): void {
    $points = array_map(fn(string $n): array => Build::point("p$n", ['code' => "K1-$n", 'area' => 'k']), ['03', '04', '05']);
    $entry = entered($line, $points);
    expect($entry->faults)->toBe([])->and(array_map(fn(EnteredLine $one): string => $one->id, [$entry, ...$entry->also]))->toBe($ids);
    foreach ([$entry, ...$entry->also] as $one) {
        expect($one->isNew)->toBeFalse()->and($one->set)->toBe(['device' => 'gfci']);
    }
})->with([
    'numbers after a comma' => ['K1-03,04 gfci', ['p03', 'p04']],
    'whole codes' => ['K1-03 k1-05 gfci', ['p03', 'p05']],
    'both' => ['K1-03, K1-04,05 gfci', ['p03', 'p04', 'p05']],
]);

it('takes a number after a blank for what it is', function (): void {
    $points = [Build::point('p', ['code' => 'K1-03', 'area' => 'k']), Build::point('q', ['code' => 'K1-15', 'area' => 'k'])];
    expect(entered('K1-03 15', $points)->also)->toBe([])->and(entered('K1-03 15', $points)->set)->toBe(['amps' => 15]);
});

it('adds nothing where a line only names something', function (string $line, string $in, string $id): void {
    $entry = entered($line, [Build::point('p', ['code' => 'K1-04', 'area' => 'k'])]);
    expect($entry->faults)->toBe([])->and($entry->isNew)->toBeFalse()->and($entry->in)->toBe($in)->and($entry->id)->toBe($id);
})->with([
    'a room' => ['k1', 'areas', 'k'],
    'an outlet' => ['K1-04', 'points', 'p'],
    'a room and a name' => ['E1 "Tool shed"', 'areas', 'e'],
]);

it('takes what the breaker says of an outlet for granted, and says so', function (string $line, array $set, array $assumed): void {
    $house = Build::house([
        'areas' => [Build::area('k', 'kitchen')],
        'circuits' => [
            Build::circuit('c1', ['slot' => '1/3', 'amps' => 30, 'volts' => 240, 'poles' => 2]),
            Build::circuit('c5', ['slot' => '5/7', 'amps' => 40, 'volts' => 240, 'poles' => 2]),
            Build::circuit('c9', ['slot' => '9', 'amps' => 20]),
        ],
    ]);
    $entry = (new QuickEntry($house))->parse($line);
    expect($entry->faults)->toBe([])->and($entry->set)->toMatchArray($set)->and($entry->set['x']->assumed ?? [])->toBe($assumed);
})->with([
    'a dryer' => ['K1 dryer #1/3', ['amps' => 30, 'volts' => 250, 'yoke' => 'single'], ['amps', 'volts', 'yoke']],
    'a range on 40 A' => ['K1 range #5/7', ['amps' => 50, 'volts' => 250], ['amps', 'volts', 'yoke']],
    'what was said stands' => ['K1 range #5/7 40a', ['amps' => 40, 'volts' => 250], ['volts', 'yoke']],
    'on 120 V nothing is taken' => ['K1 ct #9', [], []],
    'a bath fan' => ['K1 bathfan', ['kind' => 'hardwired'], ['kind']],
    'a bath fan said to be one' => ['K1 bathfan hardwired', ['kind' => 'hardwired'], []],
]);

it('copies a room like another, with its water and its outlets', function (): void {
    $house = surveyed([
        Build::point('p', ['code' => 'B1-01', 'area' => 'b', 'serves' => 'countertop', 'device' => 'gfci', 'circuit' => 'c7',
            'distances' => [['fixture' => 'b1', 'ft' => 2], ['fixture' => 'ksink', 'ft' => 9]]]),
        Build::point('q', ['code' => 'B1-02', 'area' => 'b', 'kind' => 'light', 'device' => 'none']),
    ]);
    $entry = (new QuickEntry($house))->parse('B2 same as B1');
    expect($entry->faults)->toBe([])->and($entry->set)->toMatchArray(['code' => 'B2', 'kind' => 'bathroom'])
        ->and($entry->set['fixtures'])->toBe([
            ['id' => 'b2-2-sink', 'kind' => 'sink'], ['id' => 'b2-2-sink-2', 'kind' => 'sink'], [
                'id' => 'b2-2-bathtub',
                'kind' => 'bathtub',
            ],
        ])
        ->and($entry->also)->toHaveCount(2)
        ->and($entry->also[0]->set)->toMatchArray(['code' => 'B2-01', 'area' => 'b2-2', 'device' => 'gfci'])
        ->and($entry->also[0]->set['distances'])->toEqual([['fixture' => 'b2-2-sink', 'ft' => 2]])
        ->and($entry->also[0]->set)->not->toHaveKey('circuit');
});

it('finds an outlet by the code it had before', function (): void {
    $moved = Build::point('p', ['code' => 'B1-01', 'area' => 'b', 'x' => ['former_codes' => ['K1-04']]]);
    expect(entered('k1-04', [$moved])->id)->toBe('p')
        ->and(entered('+ kettle k1-04 1500w', [$moved])->set)->toBe(['name' => 'Kettle', 'at' => 'p', 'watts' => 1500])
        ->and(entered('K1 ct', [Build::point('q', ['code' => 'K1-02', 'area' => 'k', 'x' => ['former_codes' => ['K1-07']]])])->set['code'])
        ->toBe('K1-08');
});

it('says where an outlet is by its name, and writes over none that somebody gave it', function (): void {
    $plain = Build::point('p', ['code' => 'K1-04', 'area' => 'k', 'serves' => 'countertop', 'name' => 'Countertop']);
    $own = Build::point('q', ['code' => 'K1-05', 'area' => 'k', 'serves' => 'countertop', 'name' => 'By the window']);
    expect(entered('K1-04 island', [$plain])->set)->toBe(['name' => 'Countertop, island']);
    $asked = entered('K1-05 gfci island', [$own]);
    expect($asked->isReady())->toBeFalse()->and($asked->faults[0]->message)->toContain('is called "By the window"')
        ->and($asked->faults[0]->instead)->toBe(['"Countertop, island"'])
        ->and(entered('K1-05 gfci "Countertop, island"', [$own])->set)->toBe(['device' => 'gfci', 'name' => 'Countertop, island']);
});
