<?php

declare(strict_types=1);

use Bouclier\Core\Box\BackEnd;
use Bouclier\Core\Box\BackToBack;
use Bouclier\Core\Box\BoxChecks;
use Bouclier\Core\Box\DeviceBack;
use Bouclier\Core\Box\OpenBox;
use Bouclier\Core\Box\PairInBox;
use Bouclier\Core\Box\PairMove;
use Bouclier\Core\Box\Relanding;
use Bouclier\Core\Box\Tag;
use Bouclier\Core\Change\Commands\CheckBox;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\BoxCheck;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Point;
use Bouclier\Core\Live\Asker;
use Tests\Core\Build;

/** A GFCI g fed from c1, with p on its LOAD and q, r spliced past it. */
function bench(array $observations = [], array $cables = []): House
{
    return Build::house([
        'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p'), Build::point('q'), Build::point('r')],
        'cables' => $cables === []
            ? [Build::cable('c1', 'g'), Build::cable('g', 'p', 'load'), Build::cable('g', 'q', 'splice'), Build::cable('q', 'r')]
            : $cables,
        'observations' => $observations,
    ]);
}

/** @return list<PairInBox> */
function pairsOf(House $house, string $point = 'g'): array
{
    return (new OpenBox($house, new FeedMap($house), $house->point($point)))->pairs();
}

function told(PairInBox $pair): array
{
    return [$pair->name, $pair->isFeed, $pair->cable?->to->point];
}

it('shows the cables of a box that was not opened, the feed first', function (): void {
    expect(array_map(told(...), pairsOf(bench())))->toBe([[null, true, 'g'], [null, false, 'p'], [null, false, 'q']]);
});

it('brings the pairs that were counted together with the cables, by what was read and lifted', function (): void {
    $open = ['kind' => 'open', 'point' => 'g', 'pairs' => 3];
    $pairs = pairsOf(
        bench([
            $open,
            ['kind' => 'pair', 'point' => 'g', 'pair' => 'b', 'live' => true, 'by' => 'meter'],
            ['kind' => 'lift', 'point' => 'g', 'pair' => 'c', 'dead' => ['q', 'r'], 'live' => ['p']],
        ]),
    );
    expect(array_map(told(...), $pairs))->toBe([['a', false, 'p'], ['b', true, 'g'], ['c', false, 'q']]);
    $unsure = pairsOf(bench([$open, ['kind' => 'pair', 'point' => 'g', 'pair' => 'b', 'live' => true, 'by' => 'non_contact']]));
    expect($unsure[1]->isFeed)->toBeNull()->and($unsure[1]->reads)->toHaveCount(1);
});

it('takes a pair that kills its own box when it is lifted for the feed', function (): void {
    $pairs = pairsOf(
        bench(
            [
                ['kind' => 'open', 'point' => 'g', 'pairs' => 2],
                ['kind' => 'lift', 'point' => 'g', 'pair' => 'a', 'dead' => ['g', 'p'], 'live' => []],
            ],
            [Build::cable('c1', 'q')],
        ),
    );
    expect(array_map(told(...), $pairs))->toBe([['a', true, null], ['b', false, null]]);
});

it('says what happens downstream when a pair lands elsewhere', function (): void {
    $house = bench();
    $feeds = new FeedMap($house);
    $codes = fn(array $points): array => array_map(fn(Point $point): string => $point->id, $points);
    $then = [];
    foreach (Relanding::all($feeds, $house->point('g'), $house->cables[2]) as $one) {
        $then[$one->land->value] = [$codes($one->gains), $codes($one->loses), $codes($one->dark)];
    }
    expect($then)->toBe(['line' => [[], [], []], 'load' => [['q', 'r'], [], []], 'splice' => [[], [], []], 'cap' => [[], [], ['q', 'r']]]);
    $feed = Relanding::all($feeds, $house->point('g'), $house->cables[0]);
    expect($codes($feed[1]->loses))->toBe(['g', 'p'])->and($codes($feed[3]->dark))->toBe(['g', 'p', 'q', 'r']);
});

it('gives what to write on each jacket', function (): void {
    $house = bench();
    expect(
        array_map(fn(PairInBox $pair): ?string => Tag::of(new FeedMap($house), $pair), pairsOf($house)),
    )->toBe(['FEED from breaker c1', 'TO X-p', 'TO X-q, X-r'])

            ->and(array_map(fn(PairInBox $pair): ?string => Tag::of(new FeedMap($house), $pair), pairsOf($house, 'r')))
            ->toBe(['FEED from X-q']);
});

it('sends each wire to its place on the new back, whatever end LINE is at', function (BackEnd $newLine, bool $changes): void {
    $moves = BackToBack::moves(
        pairsOf(bench()),
        [0 => Land::Line, 1 => Land::Load, 2 => Land::Splice],
        new DeviceBack(BackEnd::Top),
        new DeviceBack($newLine),
    );
    expect(array_map(fn(PairMove $move): ?Land => $move->new, $moves))->toBe([Land::Line, Land::Load, Land::Splice])
        ->and(array_map(fn(PairMove $move): bool => $move->changesEnd, $moves))->toBe([$changes, $changes, false])
        ->and(array_map(fn(PairMove $move): ?string => $move->objection, $moves))->toBe([null, null, null]);
    expect((new DeviceBack($newLine))->place(Land::Line, true))->toBe("LINE, {$newLine->value}, brass, hot")
        ->and((new DeviceBack($newLine, true))->place(Land::Load, false))->toBe('LOAD lead, neutral')
        ->and((new DeviceBack($newLine))->place(Land::Splice, true))->toBe('in the splice, pigtail to LINE');
})->with([[BackEnd::Top, false], [BackEnd::Bottom, true]]);

it('objects where the old landing disagrees with what was read', function (): void {
    $moves = BackToBack::moves(
        pairsOf(bench()),
        [0 => Land::Load, 1 => Land::Line],
        new DeviceBack(BackEnd::Top),
        new DeviceBack(BackEnd::Top),
    );
    expect($moves[0]->objection)->toContain('wired in reverse')
        ->and($moves[0]->new)->toBe(Land::Line)
        ->and($moves[0]->changesEnd)->toBeTrue();
    $untold = pairsOf(bench([['kind' => 'open', 'point' => 'r', 'pairs' => 2]], [Build::cable('c1', 'g')]), 'r');
    $moves = BackToBack::moves($untold, [0 => Land::Line], new DeviceBack(BackEnd::Top), new DeviceBack(BackEnd::Top));
    expect($moves[0]->objection)->toContain('does not make it the feed')->and($moves[0]->new)->toBeNull();
});

it('keeps the last word on each check of a box', function (): void {
    $house = bench();
    $point = $house->point('g');
    foreach ([true, false] as $isOk) {
        $house = (new CheckBox('g', BoxCheck::Torque, $isOk))->on($house, new Asker('2026-03-02T09:40:00Z', 'Ada'));
    }
    expect(BoxChecks::last($house, $point)['torque']->ok)->toBeFalse()->and(BoxChecks::last($house, $house->point('p')))->toBe([]);
});
