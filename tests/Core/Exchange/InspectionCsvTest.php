<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\InspectionCsv;
use Bouclier\Core\House\Entries\OpenItem;
use Tests\Core\Build;

/** @return list<array{string, string|null, string|null, string|null}> */
function inspected(string $csv): array
{
    $house = Build::house(['points' => [Build::point('k1'), Build::point('k2')]]);

    return array_map(
        fn(OpenItem $item): array => [$item->text, $item->point, $item->clause, $item->due],
        InspectionCsv::read($house, $csv, 'Report 12'),
    );
}

it('reads what an inspector wrote, whatever its columns are called and in whatever order', function (): void {
    expect(inspected("finding,outlet,clause,due\r\nNo GFCI,X-k1,210.8(A)(6),2026-05-01\r\n\"Panel, unlabelled\",,408.4,\r\n"))->toBe([
        ['No GFCI', 'k1', '210.8(A)(6)', '2026-05-01'],
        ['Panel, unlabelled', null, '408.4', null],
    ])->and(inspected("Article;Location;Violation\n406.12;x-k2;Not tamper-resistant\n"))->toBe([
        ['Not tamper-resistant', 'k2', '406.12', null],
    ]);
});

it('takes none where one cannot be read, and says which cell of which row', function (string $csv, string $says): void {
    $faults = fn(BadHouseFile $bad): string => implode("\n", array_map(strval(...), $bad->faults));
    expect(fn() => inspected($csv))->toThrow(fn(BadHouseFile $bad) => expect($faults($bad))->toContain($says));
})->with([
    'no such outlet' => ["finding,outlet\nNo GFCI,X-k1\nNo cover,Q9-99\n", '/3/outlet: there is no outlet "Q9-99"'],
    'no day' => ["finding,due\nNo GFCI,soon\n", '/2/due: must be a date'],
    'nothing said' => ["finding,outlet\n,X-k1\n", '/2/finding: says nothing'],
    'no columns' => ["No GFCI,X-k1\n", 'must name its columns'],
    'no row' => ["finding,outlet\n", 'has no finding'],
    'too many' => ["finding\n" . str_repeat("No GFCI\n", 501), 'more than 500'],
]);
