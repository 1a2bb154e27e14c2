<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseSchema;
use Bouclier\Core\Exchange\HouseWriter;
use Tests\Core\Build;
use Tests\Core\RandomHouse;

/** @return list<string> */
function faultsOf(string $json): array
{
    try {
        (new HouseReader())->fromJson($json);
    } catch (BadHouseFile $bad) {
        return array_map(strval(...), $bad->faults);
    }

    return [];
}

it('gives back what it was given, whatever the format allows', function (): void {
    $reader = new HouseReader();
    for ($seed = 1; $seed <= 60; ++$seed) {
        $json = json_encode(RandomHouse::data($seed), JSON_THROW_ON_ERROR);
        $back = HouseWriter::toJson($reader->fromJson($json));
        expect(json_decode($back, true))->toEqualCanonicalizing(json_decode($json, true), "seed $seed");
        expect(HouseWriter::toJson($reader->fromJson($back)))->toBe($back);
    }
});

it('keeps the order of every list and the difference between an empty object and an empty list', function (): void {
    $json = Build::json([
        'points' => [Build::point('9', ['box' => new stdClass(), 'x' => new stdClass()]), Build::point('10'), Build::point('1')],
    ]);
    $back = HouseWriter::toJson((new HouseReader())->fromJson($json));
    expect(array_column(json_decode($back, true)['points'], 'id'))->toBe(['9', '10', '1'])
        ->and($back)->toContain('"box": {}')->toContain('"x": {}');
});

it('lists every fault with its place', function (): void {
    $faults = faultsOf(Build::json([
        'points' => [Build::point('k', ['amps' => 'twenty', 'kind' => 'blob', 'colour' => 'white', 'height_ft' => -1])],
        'permit_date' => 'soon', 'areas' => [['id' => 'a', 'code' => 'A', 'name' => 'A']], 'volts' => 3,
        'cables' => [['id' => 'w', 'from' => new stdClass(), 'to' => ['point' => 'k', 'land' => 'moon']]],
        'observations' => [['kind' => 'lift', 'point' => 'k']],
    ]));
    expect($faults)->toContain('/points/0/amps: must be number, not "twenty"')
        ->toContain('/points/0/kind: must be one of receptacle, hardwired, light, switch, junction, not "blob"')
        ->toContain('/points/0/colour: is not a key of this format (put keys of your own under "x")')
        ->toContain('/points/0/height_ft: must not be under 0, and is -1')
        ->toContain('/permit_date: is not written as expected: "soon"')
        ->toContain('/areas/0: "kind" is missing')
        ->toContain('/volts: is not a key of this format (put keys of your own under "x")')
        ->toContain('/cables/0/from: must be an object with one of circuit, circuits or point')
        ->toContain('/observations/0: "pair" is missing')
        ->toHaveCount(12);
});

it('names what a schema cannot see', function (array $parts, string $fault): void {
    expect(faultsOf(Build::json($parts)))->toContain($fault);
})->with([
    'two points of one id' => [
        ['points' => [Build::point('k'), Build::point('k')]],
        '/points/1/id: the point id "k" is already used at /points/0',
    ],
    'a point with a circuit\'s id' => [
        ['points' => [Build::point('c1')]],
        '/points/0/id: the point id "c1" is already used at /circuits/0',
    ],
    'two areas of one id' => [
        ['areas' => [Build::area('a'), Build::area('a')]],
        '/areas/1/id: the area id "a" is already used at /areas/0',
    ],
    'a fixture twice in the house' => [
        [
            'areas' => [
                Build::area('a', 'bathroom', ['fixtures' => [['id' => 'f', 'kind' => 'sink']]]),
                Build::area('b', 'kitchen', ['fixtures' => [['id' => 'f', 'kind' => 'sink']]]),
            ],
        ],
        '/areas/1/fixtures/0/id: the fixture id "f" is already used at /areas/0/fixtures/0',
    ],
    'an unknown fixture in a distance' => [
        ['points' => [Build::point('k', ['distances' => [['fixture' => 'f', 'ft' => 2]]])]],
        '/points/0/distances/0/fixture: there is no fixture "f" in this house',
    ],
    'an unknown area' => [['points' => [Build::point('k', ['area' => 'z'])]], '/points/0/area: there is no area "z" in this house'],
    'an unknown circuit' => [
        ['points' => [Build::point('k')], 'cables' => [Build::cable('c9', 'k')]],
        '/cables/0/from/circuit: there is no circuit "c9" in this house',
    ],
    'an unknown panel' => [
        ['circuits' => [Build::circuit('c1', ['panel' => 'p'])]],
        '/circuits/0/panel: there is no panel "p" in this house',
    ],
    'an appliance at no point' => [
        ['appliances' => [['id' => 'x', 'name' => 'X', 'at' => 'k']]],
        '/appliances/0/at: there is no point "k" in this house',
    ],
    'a point fed twice' => [
        ['points' => [Build::point('k')], 'cables' => [Build::cable('c1', 'k'), Build::cable('c2', 'k')]],
        '/cables/1/to/point: the point "k" is fed twice: by cable "c2-k" and by cable "c1-k" (/cables/0)',
    ],
    'a point that feeds itself' => [
        ['points' => [Build::point('k')], 'cables' => [Build::cable('k', 'k')]],
        '/cables/0: cables run in a loop: k from k',
    ],
    'a loop of three' => [
        [
            'points' => [Build::point('1'), Build::point('2'), Build::point('3')],
            'cables' => [Build::cable('1', '2'), Build::cable('2', '3'), Build::cable('3', '1')],
        ],
        '/cables/0: cables run in a loop: 2 from 1 from 3 from 2',
    ],
    'panels in a loop' => [
        ['panels' => [['id' => 'main', 'name' => 'M', 'fed_from' => 'c1']]],
        '/panels/0/fed_from: the panel "main" feeds itself',
    ],
]);

it('refuses what is no house file, quickly', function (string $json, string $said): void {
    $start = hrtime(true);
    expect(implode("\n", faultsOf($json)))->toContain($said)->and((hrtime(true) - $start) / 1e9)->toBeLessThan(1.0);
})->with([
    'nothing' => ['', 'not valid JSON'],
    'half a file' => ['{"format": "bouclier.house", ', 'not valid JSON'],
    'not UTF-8' => ["{\"format\": \"\xff\"}", 'not valid JSON'],
    'a list' => ['[]', 'must be object'],
    'a number' => ['7', 'must be object'],
    'ten megabytes' => [fn(): string => '{"x": "' . str_repeat('a', 10_000_000) . '"}', 'the file is 10.0 MB'],
    'a hundred deep' => [fn(): string => str_repeat('[', 100) . str_repeat(']', 100), 'nested deeper'],
]);

it('ships the schema it validates by', function (): void {
    expect(file_get_contents(__DIR__ . '/../../../docs/formats/house.schema.json'))->toBe(HouseSchema::json() . "\n");
});

it('takes the house of the documentation', function (): void {
    expect(faultsOf((string) file_get_contents(__DIR__ . '/../../../database/demo/plover-street-8.house.json')))->toBe([]);
});
