<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\Csv;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\OutletCsv;
use Bouclier\Core\Exchange\OutletTable;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\Exchange\RowFault;
use Tests\Core\Build;

it('reads tables as spreadsheets write them', function (string $csv, array $cells): void {
    expect(Csv::cells($csv))->toBe($cells);
})->with([
    'plain' => ["a,b\r\n1,2\r\n", [['a', 'b'], ['1', '2']]],
    'no last line end' => ["a,b\n1,2", [['a', 'b'], ['1', '2']]],
    'semicolons' => ["a;b\n1,5;2", [['a', 'b'], ['1,5', '2']]],
    'quotes, commas and line ends inside' => ["a,b\n\"x, \"\"y\"\"\nz\",2", [['a', 'b'], ["x, \"y\"\nz", '2']]],
    'a cell that begins with a quote' => ["a\n\"\"\"x\"\"\"", [['a'], ['"x"']]],
    'empty cells and rows' => ["a,b,c\n,,\n1,,3\n\n", [['a', 'b', 'c'], ['1', '', '3']]],
    'byte order mark' => ["\xEF\xBB\xBFa,b\n1,2", [['a', 'b'], ['1', '2']]],
    'nothing' => ['', []],
]);

it('writes what it reads: a table of its own changes nothing', function (): void {
    $house = (new HouseReader())->fromJson((string) file_get_contents(__DIR__ . '/../../../database/demo/plover-street-8.house.json'));
    $read = (new OutletTable($house))->read(Csv::cells(OutletCsv::write($house)));
    expect($read['faults'])->toBe([])->and($read['rows'])->toHaveCount(54);
    foreach ($read['rows'] as $i => $row) {
        $point = PartForm::write($house->points[$i]);
        expect($row['id'])->toBe($point['id']);
        foreach ($row['set'] as $field => $value) {
            expect($value)->toEqual($point[$field], "{$point['code']} $field");
        }
    }
});

it('keeps a spreadsheet from running a cell', function (): void {
    $csv = OutletCsv::write(
        Build::house(['points' => [Build::point('p', ['name' => '=1+1']), Build::point('q', ['name' => 'say "a, b"'])]]),
    );
    expect($csv)->toContain("'=1+1")->toContain('"say ""a, b"""');
    $read = (new OutletTable(Build::house()))->read(Csv::cells($csv));
    expect(array_column(array_column($read['rows'], 'set'), 'name'))->toBe(['=1+1', 'say "a, b"']);
});

it('says row by row what it could not read, and reads the rest', function (string $row, string $column, string $said): void {
    $house = Build::house(['areas' => [Build::area('a', 'kitchen', ['fixtures' => [['id' => 's', 'kind' => 'sink']]])]]);
    $read = (new OutletTable($house))->read(
        Csv::cells("code,room,device,amps,tr,distances,circuit,installed_on,labels,colour\nOK-1,A1\n$row"),
    );
    expect(array_column($read['rows'], 'id'))->toBe(['ok-1'])->and($read['columns'][9])->toBeNull();
    expect(array_map(fn(RowFault $f): array => [$f->row, $f->column], $read['faults']))->toContain([3, $column])
        ->and($read['faults'][0]->message)->toContain($said);
})->with([
    'no code' => [',A1', 'code', 'is empty'],
    'no room' => ['X-1,', 'room', 'is new'],
    'a room that is not there' => ['X-1,Z9', 'room', '"Z9" is no room'],
    'a device that is not there' => ['X-1,A1,magic', 'device', '"magic" is none of standard, gfci'],
    'amperes in words' => ['X-1,A1,,twenty', 'amps', '"twenty" is no number'],
    'neither yes nor no' => ['X-1,A1,,,maybe', 'tr', 'neither yes nor no'],
    'water that is not there' => ['X-1,A1,,,,2.5 pond', 'distances', '"2.5 pond" is not read'],
    'a circuit that is not there' => ['X-1,A1,,,,,99', 'circuit', '"99" is no circuit'],
    'a date that is none' => ['X-1,A1,,,,,,last spring', 'installed_on', 'no year, month or day'],
    'a label that is not there' => ['X-1,A1,,,,,,,danger', 'labels', '"danger" is none of'],
]);

it('takes a mapping for headings of other people', function (): void {
    $cells = Csv::cells("Where,No.,What\nRoom a,K-1,gfci\n");
    expect((new OutletTable(Build::house()))->read($cells)['faults'][0]->message)->toContain('No column holds the location code');
    $read = (new OutletTable(Build::house()))->read($cells, [0 => 'room', 1 => 'code', 2 => 'device']);
    expect($read['rows'])->toBe([
        ['id' => 'k-1', 'set' => ['code' => 'K-1', 'kind' => 'receptacle', 'device' => 'gfci', 'name' => 'K-1', 'area' => 'a']],
    ]);
});
