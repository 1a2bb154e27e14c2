<?php

declare(strict_types=1);

use Bouclier\Core\Change\Commands\CloseItem;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\Live\Asker;
use Tests\Core\Build;

it('keeps what an inspector wrote until it is closed with evidence', function (): void {
    $house = Build::house()->withEntry(new OpenItem('Cover missing', source: 'Inspection, item 4', who: 'Rosa'));
    $id = $house->entries->all(OpenItem::class)[0]->id ?? '';
    $closed = (new CloseItem($id, 'Hood fitted, photograph 12'))->on($house, new Asker('2026-03-04T10:00:00Z', 'Ines'));
    expect($house->entries->all(OpenItem::class)[0]->isOpen())->toBeTrue()

            ->and($closed->entries->all(OpenItem::class)[0])
            ->toEqual(
                new OpenItem(
                    'Cover missing',
                    source: 'Inspection, item 4',
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
    $closed = (new CloseItem('i1', 'Labelled'))->on($house, new Asker('2026-03-04T10:00:00Z', 'Rosa'));
    $records = json_decode(HouseWriter::toJson($closed), true)['records'];
    expect($records['notes'])->toBe([['text' => 'Dog in the yard']])
        ->and($records['open_items'][0])->toMatchArray(['interim' => 'taped', 'area' => 'a', 'evidence' => 'Labelled']);
});

it('closes nothing that is not there, and nothing twice', function (): void {
    $house = Build::house()->withEntry(new OpenItem('Cover missing'));
    $id = $house->entries->all(OpenItem::class)[0]->id ?? '';
    $closed = (new CloseItem($id, 'Fitted'))->on($house, new Asker('2026-03-04T10:00:00Z', 'Rosa'));
    expect(
        fn() => (new CloseItem('another', 'x'))->on($house, new Asker('2026-03-04T10:00:00Z', 'Rosa')),
    )->toThrow(OutOfBoundsException::class, 'No entry "another" in this house')
        ->and(fn() => (new CloseItem($id, 'x'))->on($closed, new Asker('2026-03-04T10:00:00Z', 'Rosa')))
        ->toThrow(OutOfBoundsException::class);
});
