<?php

declare(strict_types=1);

use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Change\PartChange;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Change\Summary;
use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Exchange\HouseWriter;
use Bouclier\Core\House\PartList;
use Tests\Core\RandomHouse;
use Tests\FeatureTestCase;

function documentOf(string $json): HouseDocument
{
    return HouseDocument::of((new HouseReader())->fromJson($json));
}

function demoDocument(): HouseDocument
{
    return documentOf(FeatureTestCase::demoJson());
}

it('turns any house into any other and back, part by part', function (): void {
    for ($seed = 1; $seed <= 12; ++$seed) {
        $one = documentOf(json_encode(RandomHouse::data($seed), JSON_THROW_ON_ERROR));
        $other = documentOf(json_encode(RandomHouse::data($seed + 100), JSON_THROW_ON_ERROR));
        $changes = $one->changesTo($other);
        $forth = $one->with($changes);
        foreach (PartList::names() as $list) {
            expect($forth->ids($list))->toEqualCanonicalizing($other->ids($list), "seed $seed, $list");
            foreach ($other->ids($list) as $id) {
                expect($forth->part($list, $id))->toEqual($other->part($list, $id));
            }
        }
        $back = $forth->with(array_reverse(array_map(fn(PartChange $change): PartChange => $change->inverse(), $changes)));
        foreach (PartList::names() as $list) {
            foreach ($one->ids($list) as $id) {
                expect($back->part($list, $id))->toEqual($one->part($list, $id));
            }
        }
    }
});

it('finds no change between a house and itself', function (): void {
    expect(demoDocument()->changesTo(demoDocument()))->toBe([]);
});

it('puts a part back where it stood', function (): void {
    $before = demoDocument();
    $ids = $before->ids('appliances');
    $gone = $before->with([(new Patch('appliances', 'mixer', null))->on($before)]);
    expect($gone->ids('appliances'))->toBe(array_values(array_diff($ids, ['mixer'])));
    $changes = array_map(fn(PartChange $change): PartChange => $change->inverse(), $before->changesTo($gone));
    expect($gone->with($changes)->ids('appliances'))->toBe($ids);
});

it('merges a patch as RFC 7396 does, but keeps an appliance\'s null', function (): void {
    $document = demoDocument();
    $part = fn(
        string $in,
        string $id,
        array $set,
    ): stdClass => (new Patch($in, $id, json_decode((string) json_encode((object) $set))))->on($document)->after ?? new stdClass();
    expect($part('points', 'k1', ['box' => ['clamps' => 2]])->box)->toEqual(
        (object) ['material' => 'plastic', 'volume_in3' => 20.3, 'pairs' => 2, 'clamps' => 2],
    )
        ->and($part('points', 'k1', ['box' => ['pairs' => null]])->box)->toEqual((object) ['material' => 'plastic', 'volume_in3' => 20.3])
        ->and(property_exists($part('points', 'k1', ['serves' => null]), 'serves'))->toBeFalse()
        ->and($part('points', 'k1', ['distances' => []])->distances)->toBe([])
        ->and(property_exists($part('appliances', 'kettle', ['at' => null]), 'at'))->toBeTrue()
        ->and($part('appliances', 'kettle', ['at' => null])->at)->toBeNull()
        ->and($part('points', 'brand-new', ['code' => 'X'])->id)->toBe('brand-new');
});

it('says a change in one line', function (array $patches, string $summary): void {
    $document = demoDocument();
    $after = $document->with(
        array_map(
            fn(array $patch): PartChange => (new Patch(
                $patch[0],
                $patch[1],
                $patch[2] === null ? null : json_decode((string) json_encode((object) $patch[2])),
            ))->on($document),
            $patches,
        ),
    );
    expect(
        Summary::of($document->changesTo(HouseDocument::of((new HouseReader())->fromJson(HouseWriter::toJson($after->toHouse()))))),
    )->toBe($summary);
})->with([
    'a device' => [[['points', 'g4', ['device' => 'gfci']]], 'W1-04: device Standard to GFCI'],
    'what was not said' => [[['points', 'g4', ['ground' => 'raceway']]], 'W1-04: ground not said to Metal raceway and box'],
    'yes and no' => [[['points', 'y1', ['wr' => true]]], 'Y1-01: wr no to yes'],
    'a distance' => [[['points', 'v1', ['distances' => []]]], 'E2-01: distances changed'],
    'the edition' => [[['house', '', ['code' => ['edition' => 'nec-2014']]]], 'House: edition NEC 2023 to NEC 2014'],
    'a circuit' => [[['circuits', 'c5', ['breaker' => 'gfci']]], 'Kitchen left: breaker not said to GFCI breaker'],
    'something gone' => [[['appliances', 'mixer', null]], 'Stand mixer removed'],
    'two things' => [
        [['points', 'g4', ['name' => 'A']], ['points', 'g5', ['name' => 'B']]],
        'W1-04: name Bench, right end to A; W1-05: name Press and binder to B',
    ],
]);
