<?php

declare(strict_types=1);

use Bouclier\Core\CommandLine\CommandLine;
use Bouclier\Core\Exchange\CalendarWriter;
use Bouclier\Core\House\Day;
use Bouclier\Core\Keep\DeviceLife;
use Bouclier\Core\Keep\Due;
use Bouclier\Core\Keep\DueDates;
use Bouclier\Core\Keep\DueKind;
use Bouclier\Core\Keep\MonthlyTest;
use Bouclier\Core\Keep\ProtectiveDevices;
use Bouclier\Core\Keep\ReplacementRule;
use Tests\Core\Build;

/** A garage run behind a GFCI, an AFCI breaker, and one of two poles for a shared neutral. */
function keptHouse(array $more = [], array $device = []): array
{
    return $more + [
        'name' => 'Lark Lane 3; the "long" one, with a comma and é',
        'circuits' => [
            Build::circuit('c1'),
            Build::circuit('c2', ['breaker' => 'afci', 'installed_on' => '2013-05-10', 'label' => 'Bedrooms']),
            Build::circuit('c3', ['breaker' => 'gfci', 'common_trip' => true, 'multiwire_with' => 'c4']),
            Build::circuit('c4', ['breaker' => 'gfci', 'common_trip' => true, 'multiwire_with' => 'c3', 'leg' => 'b']),
        ],
        'points' => [
            Build::point('k1', ['device' => 'gfci', 'name' => 'Left of the sink'] + $device),
            Build::point('k2'),
            Build::point('k3'),
            Build::point('b1'),
        ],
        'cables' => [
            ['id' => 'w1', 'from' => ['circuit' => 'c1'], 'to' => ['point' => 'k1', 'land' => 'line']],
            ['id' => 'w2', 'from' => ['point' => 'k1', 'land' => 'load'], 'to' => ['point' => 'k2', 'land' => 'line']],
            ['id' => 'w3', 'from' => ['point' => 'k2', 'land' => 'load'], 'to' => ['point' => 'k3', 'land' => 'line']],
            ['id' => 'w4', 'from' => ['circuit' => 'c2'], 'to' => ['point' => 'b1', 'land' => 'line']],
        ],
    ];
}

/** @return array<string, Due> by kind and what it is of */
function dueOf(array $house, string $today, ReplacementRule $rule = new ReplacementRule()): array
{
    $due = DueDates::of(Build::house($house), $today, $rule);

    return array_combine(array_map(fn(Due $one): string => "{$one->kind->value} {$one->of}", $due), $due);
}

it('asks for a test of each protective device a month, and of a breaker of two poles once', function (): void {
    $due = dueOf(keptHouse(), '2026-03-10');
    $tests = array_filter($due, fn(Due $one): bool => $one->kind === DueKind::Test);

    expect(array_keys($tests))->toBe(['test k1', 'test c2', 'test c3'])
        ->and($due['test k1']->on)->toBe('2026-03-10')->and($due['test k1']->isMonthly)->toBeTrue()
        ->and($due['test k1']->title)->toBe('Test GFCI X-k1, Left of the sink')
        ->and($due['test k1']->text)->toContain('it is dead, and so are X-k2 and X-k3', 'press RESET firmly, once', 'call your electrician')
        ->and($due['test c2']->text)->toContain('its handle goes to tripped, and dead are X-b1', 'turn it fully off, then on');
});

it('counts the month from the last test that tripped it, not from one it failed or of the device before', function (): void {
    $test = fn(array $said): array => ['records' => ['device_tests' => [$said + ['point' => 'k1', 'by' => 'device_button']]]];
    $tripped = $test(['tripped' => true, 'at_time' => '2026-03-04T09:00:00+00:00']);
    $on = fn(array $more, string $today): string => dueOf(keptHouse($more), $today)['test k1']->on;

    expect($on($tripped, '2026-03-10'))->toBe('2026-04-04')->and($on($tripped, '2026-05-20'))->toBe('2026-05-20')
        ->and($on($test(['tripped' => false, 'at_time' => '2026-03-04T09:00:00+00:00']), '2026-03-10'))->toBe('2026-03-10')
        ->and($on(array_merge_recursive($tripped, ['records' => ['device_history' => [
            ['event' => 'replaced', 'point' => 'k1', 'at_time' => '2026-03-06T09:00:00+00:00'],
        ]]]), '2026-03-10'))->toBe('2026-03-10')
        ->and($on(['observations' => [
            ['kind' => 'trip', 'at' => 'k1', 'dead' => ['k2'], 'live' => [], 'at_time' => '2026-03-08T09:00:00+00:00'],
        ]], '2026-03-10'))->toBe('2026-04-08');
});

it('counts no test of the device before, and calls nothing never tested that failed', function (): void {
    $kept = fn(array $records): array => DeviceLife::all(Build::house(keptHouse($records)), new ReplacementRule())[0]->asks('2026-03-10');
    $trip = ['kind' => 'trip', 'at' => 'k1', 'dead' => ['k2'], 'live' => [], 'at_time' => '2026-03-01T09:00:00+00:00'];
    $replaced = ['device_history' => [['event' => 'replaced', 'point' => 'k1', 'at_time' => '2026-03-06T09:00:00+00:00']]];
    $failed = ['device_tests' => [['point' => 'k1', 'by' => 'device_button', 'tripped' => false]]];

    expect($kept(['observations' => [$trip]]))->toBe([])
        ->and($kept(['observations' => [$trip], 'records' => $replaced]))->toBe(['never tested'])
        ->and($kept(['observations' => [['at_time' => '2026-01-01T09:00:00+00:00'] + $trip]]))->toBe(['its monthly test is due'])
        ->and($kept(['records' => $failed]))->toBe(['failed its last test: replace it']);
});

it('falls on a day that every month has', function (string $today, string $first): void {
    expect(dueOf(keptHouse(), $today)['test k1']->on)->toBe($first);
})->with([['2026-01-28', '2026-01-28'], ['2026-01-29', '2026-02-01'], ['2026-12-31', '2027-01-01'], ['2024-02-29', '2024-03-01']]);

it('replaces what is ten years old, sooner outdoors or where it does not test itself, and nothing of unknown age', function (): void {
    $isDue = fn(array $device, string $today, int $years = ReplacementRule::YEARS): ?string => (
        dueOf(keptHouse(device: $device), $today, new ReplacementRule($years))['replacement k1'] ?? null
    )?->on;

    expect($isDue([], '2026-03-10'))->toBeNull()
        ->and($isDue(['installed_on' => '2016-03-10'], '2026-03-10'))->toBe('2026-03-10')
        ->and($isDue(['installed_on' => '2016-03-11'], '2026-03-10'))->toBeNull()
        ->and($isDue(['installed_on' => '2016-03-11'], '2026-03-10', 8))->toBe('2024-03-11')
        ->and($isDue(['installed_on' => '2019-03-10', 'exposure' => 'wet'], '2026-03-10'))->toBe('2026-03-10')
        // Made before mid-2015 at the latest, for it does not test itself.
        ->and($isDue(['self_test' => false], '2026-03-10'))->toBe('2022-06-29')
        ->and($isDue(['self_test' => true], '2026-03-10'))->toBeNull()
        ->and($isDue(['made_between' => ['2010', '2012']], '2026-03-10'))->toBe('2022-07-01')
        ->and(dueOf(keptHouse(), '2026-03-10')['replacement c2']->text)->toContain('12 years or more', 'after 10 years');
});

it('has what was left open on its day, with what holds until then, and a trial at its end', function (): void {
    $due = dueOf(keptHouse([
        'records' => ['open_items' => [
            ['id' => 'i1', 'text' => 'Ground broken upstream', 'point' => 'k2', 'due' => '2026-04-01', 'interim' => 'left off'],
            ['id' => 'i2', 'text' => 'No day yet'],
            ['id' => 'i3', 'text' => 'Done', 'due' => '2026-04-02', 'closed_at' => '2026-03-01T10:00:00+00:00'],
        ]],
        'symptom' => ['kind' => 'trips', 'at' => 'k1', 'when' => 'random'],
        'tests' => [[
            'id' => 't1',
            'action' => ['do' => 'trial', 'at' => ['point' => 'k1'], 'days' => 10],
            'reading' => new stdClass(),
            'at_time' => '2026-03-05T18:00:00+00:00',
        ]],
    ]), '2026-03-10');

    expect(array_keys(array_filter($due, fn(Due $one): bool => in_array($one->kind, [DueKind::Item, DueKind::Trial], true))))
        ->toBe(['item i1', 'trial t1'])
        ->and($due['item i1']->title)->toBe('X-k2: Ground broken upstream')->and($due['item i1']->text)->toContain('left off')
        ->and($due['item i1']->on)->toBe('2026-04-01')
        ->and($due['trial t1']->on)->toBe('2026-03-15');
});

it('is a calendar that another reader reads: the same entries, on the same days, with the same words', function (string $today): void {
    $house = Build::house(keptHouse(['records' => ['open_items' => [
        ['id' => 'i1', 'text' => str_repeat('Kühlschrank; "cold", \\ and ', 12), 'due' => '2026-05-31'],
    ]]]));
    $due = DueDates::of($house, $today);
    $text = CalendarWriter::text($house, $due, $today);
    $process = proc_open(['node', __DIR__ . '/read-calendar.mjs'], [['pipe', 'r'], ['pipe', 'w']], $pipes);
    fwrite($pipes[0], $text);
    fclose($pipes[0]);
    $read = json_decode((string) stream_get_contents($pipes[1]), true);
    proc_close($process);

    expect($read['name'])->toContain('Lark Lane 3')->and($read['version'])->toBe('2.0')
        ->and(array_column($read['events'], 'title'))->toBe(array_map(fn(Due $one): string => $one->title, $due))
        ->and(array_map(fn(array $event): string => $event['text'] ?? '', $read['events']))
        ->toBe(array_map(fn(Due $one): string => $one->text, $due))
        ->and(count(array_unique(array_column($read['events'], 'uid'))))->toBe(count($due))
        ->and(array_map(fn(string $line): int => strlen($line), explode("\r\n", $text)))->each->toBeLessThanOrEqual(75);
    foreach ($read['events'] as $place => $event) {
        $expected = [$due[$place]->on];
        while ($due[$place]->isMonthly && count($expected) < 14) {
            $expected[] = Day::monthAfter($expected[count($expected) - 1]);
        }
        expect($event['isWholeDay'])->toBeTrue()->and($event['days'])->toBe($expected);
    }
})->with(['2026-03-10', '2026-01-31']);

it('is printed by the command, on the day it is told', function (): void {
    $run = fn(array $words, ?string $today = null) => (new CommandLine(fn(): string => Build::json(keptHouse()), $today))
        ->run(['calendar', 'house.json', ...$words]);

    expect($run(['--today', '2026-03-10'])->output)->toContain("DTSTART;VALUE=DATE:20260310\r\nRRULE:FREQ=MONTHLY", 'UID:test-k1-')
        ->and($run([], '2026-04-11')->output)->toContain('DTSTART;VALUE=DATE:20260411')
        ->and($run(['--today', '2026-02-30'])->errors)->toBe("--today must be a day, as in 2026-03-31, not \"2026-02-30\"\n")
        ->and($run([])->status)->toBe(2);
});

it('knows a breaker of two poles by one id, whichever half was tested', function (): void {
    $half = fn(string $id, string $other): array => Build::circuit($id, [
        'breaker' => 'gfci', 'multiwire_with' => $other, 'common_trip' => true, 'slot' => $id,
    ]);
    $house = Build::house([
        'circuits' => [$half('c1', 'c2'), $half('c2', 'c1')],
        'points' => [Build::point('p', ['circuit' => 'c2'])],
        'records' => ['device_tests' => [
            ['circuit' => 'c2', 'by' => 'device_button', 'tripped' => true, 'reset_held' => true, 'at_time' => '2026-11-20T10:00:00Z'],
        ]],
    ]);
    expect(ProtectiveDevices::id($house, 'c2'))->toBe('c1')->and(ProtectiveDevices::id($house, 'p'))->toBe('p')
        ->and(array_keys(MonthlyTest::ofDevices($house)))->toBe(['c1'])
        ->and(MonthlyTest::ofDevices($house)['c1']->isDue('2026-11-28'))->toBeFalse();
});
