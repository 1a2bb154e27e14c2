<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\CallReader;
use Tests\Core\Build;

/** A house with a call and one test of it. */
function followed(array $more = [], array $test = []): string
{
    return CallReader::follows(Build::house($more + [
        'circuits' => [Build::circuit('c1')],
        'points' => [Build::point('g', ['device' => 'gfci', 'circuit' => 'c1']), Build::point('p', ['circuit' => 'c1'])],
        'cables' => [Build::cable('c1', 'g'), Build::cable('g', 'p', 'load')],
        'symptom' => ['kind' => 'trips', 'at' => 'g', 'at_time' => '2026-11-25T10:00:00Z'],
        'tests' => [$test + ['action' => ['do' => 'reset', 'at' => ['point' => 'g']], 'reading' => ['holds' => true, 'tripped' => []]]],
    ]));
}

it('knows two calls to come to the same whoever tested, whenever, and whatever else was filed', function (array $more, array $test): void {
    expect(followed($more, $test))->toBe(followed());
})->with([
    'tested later, by another' => [[], ['at_time' => '2026-11-25T11:30:00Z', 'who' => 'Ben', 'id' => 't9']],
    'a note' => [['records' => ['notes' => [['text' => 'Dog in the yard']]]], []],
    'an open item' => [['records' => ['open_items' => [['text' => 'Box fill at X-p']]]], []],
]);

it('knows two calls to come to something else where anything differs that tells of the cause', function (array $more, array $test): void {
    expect(followed($more, $test))->not->toBe(followed());
})->with([
    'it tripped' => [[], ['reading' => ['holds' => false, 'tripped' => ['g']]]],
    'tested elsewhere' => [[], ['action' => ['do' => 'reset', 'at' => ['circuit' => 'c1']]]],
    'another outlet' => [['points' => [Build::point('g', ['device' => 'gfci', 'circuit' => 'c1', 'exposure' => 'wet']),
        Build::point('p', ['circuit' => 'c1'])]], []],
    'a longer cable' => [['cables' => [Build::cable('c1', 'g', more: ['length_ft' => 90]), Build::cable('g', 'p', 'load')]], []],
    'told otherwise' => [['symptom' => ['kind' => 'trips', 'at' => 'g', 'when' => 'wet']], []],
    'no clamp at hand' => [['cannot' => ['clamp']], []],
    'it tripped here before' => [['records' => ['device_history' => [['event' => 'tripped', 'point' => 'g']]]], []],
    'a reading of the meter since' => [['records' => ['readings' => [
        ['point' => 'p', 'between' => 'hn', 'volts' => 4.0, 'at_time' => '2026-11-25T10:20:00Z'],
    ]]], []],
]);
