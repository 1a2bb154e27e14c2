<?php

declare(strict_types=1);

use Bouclier\Core\Box\BackToBack;
use Bouclier\Core\Box\DeviceBack;
use Bouclier\Core\Box\OpenBox;
use Bouclier\Core\Box\PairInBox;
use Bouclier\Core\Box\PairMove;
use Bouclier\Core\Box\Relanding;
use Bouclier\Core\Box\Tag;
use Bouclier\Core\Box\UndrawnPair;
use Bouclier\Core\Change\Commands\CheckBox;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Feed\Observed\BoxChecks;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\Feed\Trace\TracedCables;
use Bouclier\Core\Feed\Trace\Tracer;
use Bouclier\Core\House\BackEnd;
use Bouclier\Core\House\BoxCheck;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\CableEnd;
use Bouclier\Core\House\Entries\Entry;
use Bouclier\Core\House\Entries\EntryList;
use Bouclier\Core\House\Entries\WireNoted;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Land;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\WhichBack;
use Bouclier\Core\Live\Asker;
use Tests\Core\Build;

/** A GFCI g fed from c1, with p on its LOAD and q, r spliced past it. */
function bench(array $observations = [], ?array $cables = null): House
{
    return Build::house([
        'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p'), Build::point('q'), Build::point('r')],
        'cables' => $cables ?? [
            Build::cable('c1', 'g'), Build::cable('g', 'p', 'load'), Build::cable('g', 'q', 'splice'), Build::cable('q', 'r'),
        ],
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

it('says of no wire that it changes ends before both backs were read', function (): void {
    foreach ([[null, BackEnd::Top], [BackEnd::Top, null]] as [$old, $new]) {
        $moves = BackToBack::moves(pairsOf(bench()), new DeviceBack($old), new DeviceBack($new));
        expect(array_filter($moves, fn(PairMove $move): bool => $move->changesEnd))->toBe([]);
    }
    expect((new DeviceBack(null))->place(Land::Load, true))->toBe('LOAD, brass, hot');
});

it('objects where the old place of a wire disagrees with what was read', function (array $sat, ?string $says): void {
    $seen = [
        ['kind' => 'open', 'point' => 'g', 'pairs' => 3],
        ['kind' => 'pair', 'point' => 'g', 'pair' => 'a', 'live' => true, 'by' => 'meter'],
    ];
    $house = bench($seen)->withEntry(new WireNoted('g', 'a', WhichBack::Old, ...$sat));
    $move = BackToBack::moves(pairsOf($house), new DeviceBack(BackEnd::Top), new DeviceBack(BackEnd::Top))[0];
    expect($move->new)->toBe(Land::Line)->and($move->oldHot)->toBe($sat[0]);
    $says === null ? expect($move->objection)->toBeNull() : expect($move->objection)->toContain($says);
})->with([
    'on LINE' => [[Land::Line, Land::Line], null],
    'on LOAD' => [[Land::Load, Land::Load], 'wired in reverse'],
    'hot on LINE, neutral on LOAD' => [[Land::Line, Land::Load], 'tripped at every load'],
    'hot spliced, neutral on LINE' => [[Land::Splice, Land::Line], null],
    'its neutral nobody noted' => [[Land::Line, null], null],
]);

it('does not take the pair that sat on LINE for the feed', function (): void {
    $house = bench([['kind' => 'open', 'point' => 'r', 'pairs' => 2]], [Build::cable('c1', 'g')])
        ->withEntry(new WireNoted('r', 'a', WhichBack::Old, Land::Line, Land::Line));
    $move = BackToBack::moves(pairsOf($house, 'r'), new DeviceBack(BackEnd::Top), new DeviceBack(BackEnd::Top))[0];
    expect($move->objection)->toContain('does not make it the feed')->and($move->new)->toBeNull();
});

/** @return list<Cable> the runs a trace finds that leave a point, or the panel */
function runsFound(House $house, ?string $from): array
{
    $trace = (new Tracer($house, Observations::of($house)->seen))->trace();

    return array_values(
        array_filter(TracedCables::into($house, $trace)->cables, fn(Cable $cable): bool => $cable->fromPoint() === $from),
    );
}

it('lands a pair that goes on to nobody knows where, and says what comes of it', function (): void {
    $seen = [
        ['kind' => 'open', 'point' => 'g', 'pairs' => 2],
        ['kind' => 'pair', 'point' => 'g', 'pair' => 'a', 'live' => true, 'by' => 'meter'],
    ];
    $house = bench($seen, [])->withEntry(new WireNoted('g', 'b', WhichBack::New, Land::Load, Land::Load));
    [$feed, $on] = pairsOf($house);
    $says = fn(PairInBox $pair, Land $land): string => UndrawnPair::landed($house->point('g'), $pair, $land);
    expect($on->landing()?->isLoad())->toBeTrue()
        ->and(Tag::of(new FeedMap($house), $on))->toBe('PAIR B')
        ->and($says($on, Land::Load))->toContain('becomes protected')
        ->and($says($on, Land::Splice))->toContain('not protected')
        ->and($says($on, Land::Cap))->toContain('is dead')
        ->and($says($feed, Land::Load))->toContain('reversed')
        ->and($says(pairsOf(bench([$seen[0]], []))[0], Land::Load))->toContain('Tell the feed first');
});

it('writes where a pair was put into the run that is found behind it', function (array $seen, ?Land $land): void {
    $house = bench([['kind' => 'open', 'point' => 'g', 'pairs' => 2], ...$seen], [])
        ->withEntry(new WireNoted('g', 'b', WhichBack::New, Land::Load, Land::Load));
    $kept = runsFound($house, 'g');
    expect(array_map(fn(Cable $cable): ?Land => $cable->from instanceof CableEnd ? $cable->from->land?->hot : null, $kept))
        ->toBe($land === null ? [] : [$land]);
})->with(fn(): array => [
    'lifted' => [[
        ['kind' => 'pair', 'point' => 'g', 'pair' => 'a', 'live' => true, 'by' => 'meter'],
        ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['g', 'p'], 'live' => ['q', 'r']],
        ['kind' => 'off', 'circuit' => 'c2', 'dead' => ['q', 'r'], 'live' => ['g', 'p']],
        ['kind' => 'lift', 'point' => 'g', 'pair' => 'b', 'dead' => ['p'], 'live' => ['g']],
    ], Land::Load],
    'nothing seen of it' => [[], null],
]);

it('writes what was seen of a pair into the run that is found behind it, first as the box says that it leaves', function (): void {
    $live = fn(string $point, string $pair): array => [
        'kind' => 'pair', 'point' => $point, 'pair' => $pair, 'live' => true, 'by' => 'meter',
    ];
    $noted = fn(string $point, string $pair, array $set): Entry => Build::entry(
        EntryList::Pairs,
        ['point' => $point, 'pair' => $pair, ...$set],
    );
    $house = bench([
        ['kind' => 'open', 'point' => 'g', 'pairs' => 2], ['kind' => 'open', 'point' => 'p', 'pairs' => 2],
        $live('g', 'a'), $live('p', 'b'),
        ['kind' => 'off', 'circuit' => 'c1', 'dead' => ['g', 'p'], 'live' => ['q', 'r']],
        ['kind' => 'off', 'circuit' => 'c2', 'dead' => ['q', 'r'], 'live' => ['g', 'p']],
        ['kind' => 'lift', 'point' => 'g', 'pair' => 'b', 'dead' => ['p'], 'live' => ['g']],
    ], [])->withEntry(
        $noted('g', 'b', ['awg' => 14, 'method' => 'nm', 'colours' => ['hot' => 'red'], 'mark' => 'tape']),
        // Looked at again.
        $noted('g', 'b', ['awg' => 12, 'mark' => '']),
        $noted('g', 'a', ['awg' => 10]),
        $noted('p', 'b', ['awg' => 14, 'length_ft' => 9, 'strap_ft' => 2, 'colours' => ['hot' => 'black', 'neutral' => 'white']]),
    );
    [$cable] = runsFound($house, 'g');
    expect([$cable->awg, $cable->method?->value, $cable->lengthFt, $cable->strapFt, $cable->colours?->hot, $cable->colours?->neutral])
        ->toBe([12, 'nm', 9.0, 2.0, 'red', 'white'])
        ->and($cable->mark)->toBeNull()
        ->and(runsFound($house, null)[0]->awg)->toBe(10);
});

it('keeps the last word on each check of a box', function (): void {
    $house = bench();
    $point = $house->point('g');
    foreach ([true, false] as $isOk) {
        $house = (new CheckBox('g', BoxCheck::Torque, $isOk))->on($house, new Asker('2026-03-02T09:40:00Z', 'Ada'));
    }
    expect(BoxChecks::last($house, $point)['torque']->ok)->toBeFalse()->and(BoxChecks::last($house, $house->point('p')))->toBe([]);
});
