<?php

declare(strict_types=1);

use Bouclier\Core\House\House;
use Bouclier\Core\Keep\ReplacementRule;
use Bouclier\Sheets\HouseSheet;
use Tests\Core\Build;

const STORED = ['id' => 'h1', 'revision' => 3, 'lastChange' => null, 'undo' => 'K1-01 added', 'redo' => null];

function kitchen(array $points, array $more = []): House
{
    return Build::house($more + [
        'areas' => [
            Build::area('k', 'kitchen', ['fixtures' => [['id' => 's', 'kind' => 'sink'], ['id' => 'p', 'kind' => 'pool']]]),
            Build::area('h', 'hallway'),
        ],
        'points' => array_map(fn(array $point): array => [...$point, 'area' => 'k'], $points),
        'cables' => array_map(fn(array $point): array => Build::cable('c1', $point['id']), $points),
    ]);
}

/** The outlets of the first room, by id. */
function outletsOf(House $house): array
{
    return array_column(HouseSheet::of($house, '2026-03-02')['rooms'][0]['outlets'], null, 'id');
}

it('stands an outlet by the nearest water it can be reached from: a way that is barred comes last', function (): void {
    $ways = [
        ['fixture' => 's', 'ft' => 2.0, 'crosses' => 'barrier'],
        ['fixture' => 's', 'ft' => 9.0],
        ['fixture' => 'p', 'ft' => 4.5, 'crosses' => 'door'],
    ];
    $shown = outletsOf(kitchen([Build::point('o', ['distances' => $ways])]))['o']['distances'];
    expect(array_column($shown, 'ft'))->toBe([4.5, 9.0, 2.0])
        // By its place in the file, so that changing one changes that one.
        ->and(array_column($shown, 'index'))->toBe([2, 1, 0])
        ->and($shown[0])->toMatchArray(['fixtureKind' => 'pool', 'crosses' => 'door', 'room' => 'K1'])
        ->and($shown[2]['asWritten'])->toBe(['fixture' => 's', 'ft' => 2.0, 'crosses' => 'barrier']);
});

it('bands a room that counts whole, and no room in which nothing is asked', function (): void {
    $rooms = HouseSheet::of(kitchen([Build::point('o')]), '2026-03-02')['rooms'];
    expect($rooms[0])->toMatchArray(['code' => 'K1', 'bandWhole' => true])->and($rooms[0]['clauses'])->not->toBe([])
        ->and($rooms[1]['band'])->toBeNull()->and($rooms[1]['outlets'])->toBe([])
        ->and($rooms[0]['afciBand'])->toBe('on the list of 210.12');
});

it('asks for what is built into an outlet only where a clause does', function (): void {
    $outlets = outletsOf(kitchen([
        Build::point('in', ['tr' => false]),
        Build::point('wet', ['exposure' => 'wet', 'wr' => true, 'tr' => true]),
        Build::point('range', ['amps' => 50, 'volts' => 240, 'serves' => 'range']),
    ]));
    $built = fn(string $id): array => array_column($outlets[$id]['built'], 'has', 'field');
    expect($built('in'))->toBe(['tr' => false])->and($built('wet'))->toBe(['tr' => true, 'wr' => true])->and($built('range'))->toBe([])
        ->and($outlets['in']['built'][0]['demands'][0]['clause'])->toStartWith('406.12');
});

it('says what protects an outlet, and what does not do though it is there', function (): void {
    $house = Build::house([
        'areas' => [Build::area('k', 'kitchen')],
        'circuits' => [Build::circuit('c1', ['slot' => '7', 'label' => 'Counter', 'breaker' => 'afci'])],
        'points' => [Build::point('g', ['area' => 'k', 'device' => 'gfci']), Build::point('o', ['area' => 'k'])],
        'cables' => [Build::cable('c1', 'g'), Build::cable('g', 'o', 'load')],
    ]);
    $outlets = outletsOf($house);
    expect($outlets['o']['gfci']['verdict'])->toBe('met')
        ->and($outlets['o']['gfci']['guards'])->toBe([
            ['id' => 'g', 'spoken' => 'X-g', 'self' => false, 'breaker' => false, 'shown' => null],
        ])
        ->and($outlets['g']['gfci']['guards'][0]['self'])->toBeTrue()
        ->and($outlets['o']['afci']['guards'][0])->toMatchArray(['id' => 'c1', 'breaker' => true])
        ->and($outlets['o']['circuit'])->toBe('7 Counter')->and($outlets['o']['traced'])->toBeTrue();
});

it('offers a plug-in tester and its button where it fits', function (): void {
    $outlets = outletsOf(Build::house([
        'circuits' => [Build::circuit('c1', ['volts' => 240, 'poles' => 2, 'amps' => 50, 'breaker' => 'gfci']), Build::circuit('c2')],
        'points' => [Build::point('range', ['amps' => 50, 'volts' => 250]), Build::point('g', ['device' => 'gfci'])],
        'cables' => [Build::cable('c1', 'range'), Build::cable('c2', 'g')],
    ]));
    expect($outlets['range'])->toMatchArray(['takesTester' => false, 'mayOpen' => []])
        ->and($outlets['g'])->toMatchArray([
            'takesTester' => true, 'mayOpen' => [['id' => 'g', 'spoken' => 'X-g', 'self' => true]],
        ]);
});

it('tells the age of what protects alone, as far as it is known', function (): void {
    $outlets = outletsOf(kitchen([
        Build::point('g', ['device' => 'gfci', 'made_between' => ['2009', '2010'], 'self_test' => false]),
        Build::point('n', ['device' => 'gfci']),
        Build::point('o'),
    ]));
    expect($outlets['g']['age']['years'])->toContain('16')->and($outlets['g']['age']['selfTest'])->toBeFalse()
        ->and($outlets['n']['age'])->toBe([
            'years' => null, 'rests' => null, 'installedOn' => null, 'selfTest' => null, 'asks' => 'unknown',
        ])
        ->and($outlets['o']['age'])->toBeNull();
});

it('lists what is plugged in with what it leaks: measured, written, or as its class does', function (): void {
    $house = kitchen([Build::point('o'), Build::point('q')], ['appliances' => [
        ['id' => 'x', 'name' => 'Kettle', 'at' => 'o', 'class' => 'heating_element', 'watts' => 1500],
        ['id' => 'y', 'name' => 'Mixer', 'at' => 'o', 'leakage' => ['resistive_ma' => 0.3, 'capacitive_ma' => 0.4], 'measured' => true],
        ['id' => 'z', 'name' => 'Saw', 'at' => null],
    ]]);
    $shown = array_column(outletsOf($house)['o']['appliances'], null, 'id');
    expect(array_keys($shown))->toBe(['x', 'y'])->and($shown['y']['leakMa'])->toBe(0.5)->and($shown['y']['measured'])->toBeTrue()
        ->and($shown['x']['leakMa'])->toBeGreaterThan(0.0)->and($shown['x']['measured'])->toBeFalse()
        ->and(outletsOf($house)['q']['appliances'])->toBe([]);
});

it('keeps what was found at an outlet with it, and says it of the house once', function (): void {
    $house = Build::house([
        'areas' => [Build::area('k', 'kitchen')],
        'points' => [Build::point('g', ['area' => 'k', 'device' => 'gfci']), Build::point('o', ['area' => 'k'])],
        'cables' => [Build::cable('c1', 'g', null, 'load'), Build::cable('g', 'o', 'line')],
    ]);
    $sheet = HouseSheet::of($house, '2026-03-02');
    $ids = array_column(outletsOf($house)['g']['findings'], 'id');
    expect($ids)->toContain('reversed_line_load')
        ->and(array_column($sheet['concerns'], 'points', 'id'))->toHaveKey('reversed_line_load error c1', ['g'])
        ->and($sheet['worst'])->toContain('reversed_line_load error c1');
});

it('says which house by which code above every view, with what is kept of it', function (): void {
    $head = HouseSheet::head(kitchen([], ['code' => [
        'edition' => 'cec-2021', 'x' => ['jurisdiction' => 'Lower Ashford'],
        'amendments' => [['do' => 'add', 'what' => 'gfci', 'kinds' => ['hallway'], 'source' => 'By-law 4', 'date' => '2025-01-01']],
    ]]), STORED);
    expect($head)->toMatchArray([
        'id' => 'h1', 'revision' => 3, 'undo' => 'K1-01 added', 'redo' => null, 'unit' => 'm', 'coreRulesOnly' => true,
        'jurisdiction' => 'Lower Ashford', 'call' => null, 'amendments' => 1,
    ])->and(HouseSheet::head(Build::house(['symptom' => ['kind' => 'trips', 'at' => 'c1'], 'tests' => [
        ['action' => ['do' => 'walk'], 'reading' => ['dead' => []]],
    ]]), STORED)['call'])->toBe(['tests' => 1]);
});

it('shows what is left to do, and what was closed with what evidence', function (): void {
    $items = HouseSheet::of(Build::house(['records' => ['open_items' => [
        ['id' => 'i1', 'text' => 'Label the panel', 'source' => 'Inspection, item 4', 'due' => '2026-04-01'],
        ['id' => 'i2', 'text' => 'Fit a hood', 'closed_at' => '2026-03-04T10:00:00Z', 'closed_by' => 'Ines', 'evidence' => 'Photograph 2'],
    ]]]), '2026-03-02')['items'];
    expect($items[0])->toMatchArray(['id' => 'i1', 'due' => '2026-04-01', 'closedAt' => null, 'evidence' => null])
        ->and($items[1])->toMatchArray(['closedBy' => 'Ines', 'evidence' => 'Photograph 2']);
});

it('shows what was taken for granted, each fact with what one tap records, and counts each once', function (): void {
    $house = kitchen(
        [Build::point('o'), Build::point('l', ['kind' => 'light', 'device' => 'none'])],
        ['code' => ['edition' => 'nec-2020']],
    );
    $sheet = HouseSheet::of($house, '2026-03-02');
    $granted = array_column($sheet['rooms'][0]['outlets'][0]['granted'], null, 'field');
    expect($granted['ground'])->toMatchArray(['in' => 'points', 'id' => 'o', 'text' => 'Taken as grounded.'])
        ->and(array_column($granted['ground']['choices'], 'value'))->toBe(['wire', 'raceway', 'none', 'unknown'])
        ->and($granted['serves']['text'])->toBe('Taken as not serving the countertop.')
        ->and($granted['distances'])->toMatchArray(['choices' => []])
        ->and($sheet['rooms'][0]['outlets'][1]['granted'])->toBe([])
        // Two waters, the ground, and what it serves.
        ->and($sheet['granted'])->toBe(4);
    $said = kitchen([Build::point('o', [
        'ground' => 'wire', 'serves' => 'general', 'distances' => [['fixture' => 's', 'ft' => 9], ['fixture' => 'p', 'ft' => 30]],
    ])], ['code' => ['edition' => 'nec-2020']]);
    expect(HouseSheet::of($said, '2026-03-02')['granted'])->toBe(0);
});

it('says why nothing is asked, what a deferral decides, and how dangerous a finding is', function (): void {
    $house = Build::house([
        'work' => 'existing', 'permit_date' => '2026-05-01',
        'areas' => [Build::area('k', 'hallway'), Build::area('y', 'outdoors')],
        'points' => [
            Build::point('o', ['area' => 'k', 'ground' => 'none']),
            Build::point('u', ['area' => 'y', 'kind' => 'hardwired', 'device' => 'none', 'serves' => 'hvac', 'work' => 'new']),
        ],
        'cables' => [Build::cable('c1', 'o'), Build::cable('c2', 'u')],
    ]);
    [$hall, $yard] = array_column(HouseSheet::of($house, '2026-11-28')['rooms'], 'outlets');
    expect($hall[0]['gfci']['whyNot'])->toBe('Hallways are in no list of 210.8(A), and no water is recorded near.')
        ->and($hall[0]['afci']['whyNot'])->toBeNull()
        ->and($hall[0]['findings'][0])->toMatchArray(['id' => 'ungrounded_receptacle', 'severity' => 'warning', 'hazard' => 'shock'])
        ->and($yard[0]['deferral'])->toBe('Heating and cooling is deferred to 2026-09-01, and the permit is dated 2026-05-01: not asked.')
        ->and($yard[0])->toMatchArray(['work' => 'new', 'workName' => 'New wiring'])->and($hall[0]['work'])->toBeNull();
});

it('says of a device how soon its age asks for another, by the rule of the crew', function (string $on, int $years, string $asks): void {
    $house = Build::house(['points' => [Build::point('g', ['device' => 'gfci', 'installed_on' => $on, 'self_test' => true])]]);
    $rooms = HouseSheet::of($house, '2026-11-28', new ReplacementRule($years))['rooms'];
    expect($rooms[0]['outlets'][0]['age']['asks'])->toBe($asks)
        ->and(HouseSheet::of($house, '2026-11-28')['rooms'][0]['outlets'][0]['age']['asks'])->toBe('unknown');
})->with([
    'too old' => ['2015-02-01', 10, 'now'],
    'this year' => ['2016-12-20', 10, 'this_year'],
    'a crew that waits longer' => ['2015-02-01', 15, 'later'],
]);
