<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\Records\OpenItem;
use Bouclier\Core\Records\OpenItems;
use Tests\Core\Build;

it('keeps what an inspector wrote until it is closed with evidence', function (): void {
    $house = OpenItems::added(Build::house(), new OpenItem('Cover missing', 'Inspection, item 4', who: 'Rosa'));
    $id = OpenItems::of($house)[0]->id ?? '';
    $closed = OpenItems::closed($house, $id, 'Hood fitted, photograph 12', 'Ines', '2026-03-04T10:00:00Z');
    expect(OpenItems::of($house)[0]->isOpen())->toBeTrue()

            ->and(OpenItems::of($closed)[0])
            ->toEqual(
                new OpenItem(
                    'Cover missing',
                    'Inspection, item 4',
                    who: 'Rosa',
                    closedAt: '2026-03-04T10:00:00Z',
                    closedBy: 'Ines',
                    evidence: 'Hood fitted, photograph 12',
                    id: $id,
                ),
            )
        ->and(HouseWriter::toJson((new HouseReader())->fromJson(HouseWriter::toJson($closed))))->toBe(HouseWriter::toJson($closed));
});

it('keeps what stands beside it in the file', function (): void {
    $house = Build::house([
        'records' => [
            'notes' => [['text' => 'Dog in the yard']],
            'open_items' => [['id' => 'i1', 'text' => 'Label it', 'interim' => 'taped', 'area' => 'a']],
        ],
    ]);
    $closed = OpenItems::closed($house, 'i1', 'Labelled', 'Rosa', '2026-03-04T10:00:00Z');
    $records = json_decode(HouseWriter::toJson($closed), true)['records'];
    expect($records['notes'])->toBe([['text' => 'Dog in the yard']])
        ->and($records['open_items'][0])->toMatchArray(['interim' => 'taped', 'area' => 'a', 'evidence' => 'Labelled']);
});

it('closes nothing that is not there, and nothing twice', function (): void {
    $house = OpenItems::added(Build::house(), new OpenItem('Cover missing'));
    $id = OpenItems::of($house)[0]->id ?? '';
    $closed = OpenItems::closed($house, $id, 'Fitted', 'Rosa', '2026-03-04T10:00:00Z');
    expect(
        fn() => OpenItems::closed($house, 'another', 'x', 'Rosa', '2026-03-04T10:00:00Z'),
    )->toThrow(OutOfBoundsException::class, 'No entry "another" in this house')
        ->and(fn() => OpenItems::closed($closed, $id, 'x', 'Rosa', '2026-03-04T10:00:00Z'))->toThrow(OutOfBoundsException::class);
});
