<?php

declare(strict_types=1);

use Bouclier\Core\Diagnose\Learned;
use Bouclier\Engine\Desk;
use Bouclier\Engine\GaveWay;
use Bouclier\Engine\Known;
use Tests\Core\Build;

/** What the engine says to a question about the sheet of a house, where something was told meanwhile. */
function askedSheet(?bool $givesWay): array
{
    $desk = new Desk(fn() => throw new GaveWay());
    $house = json_decode(Build::json(['points' => [Build::point('p')]]));
    $known = (object) ['file' => $house, 'revision' => 1, 'house' => 'h', 'name' => 'Ada'];
    $desk->answer((object) ['do' => 'open', 'house' => 'h', 'known' => $known]);
    $asked = ['do' => 'ask', 'house' => 'h', 'now' => '2026-03-02T10:00:00Z', 'path' => 'sheet'];

    return $desk->answer((object) ($asked + ($givesWay === null ? [] : ['givesWay' => $givesWay])));
}

it('leaves a sheet for what was told meanwhile, where whoever asked said that it gives way', function (): void {
    expect(askedSheet(true))->toBe(['gaveWay' => true])
        ->and(askedSheet(false)['ok']['rooms'][0]['outlets'])->toHaveCount(1)
        ->and(askedSheet(null)['ok']['rooms'])->toHaveCount(1);
});

it('takes what a crew has learned from its calls as it was sent, and nothing that is none', function (): void {
    $of = fn(mixed $learned): Learned => Known::of(json_decode((string) json_encode([
        'file' => json_decode(Build::json()), 'revision' => 1, 'house' => 'h', 'name' => 'Ada', 'learned' => $learned,
    ])))->learned;
    $learned = new Learned(['leak appliance' => 3], ['times damp or wet' => ['held' => 1, 'of' => 2, 'share' => 0.5]]);
    expect($of($learned))->toEqual($learned)
        ->and($of(new Learned()))->toEqual(new Learned())
        ->and($of(null))->toEqual(new Learned())
        ->and($of(['calls' => ['x' => 'many'], 'with' => ['y' => ['held' => 1]]]))->toEqual(new Learned());
});

it('answers practice as the server does, without any house', function (): void {
    $desk = new Desk(fn() => null);
    $ask = fn(string $path, array $said): array => json_decode((string) json_encode($desk->answer(json_decode((string) json_encode(
        ['do' => 'practise', 'path' => $path, 'body' => $said],
    )))), true);
    $this->actingAs($this->crewMember());
    $case = ['case' => 'written-no-click-in-the-garage', 'deeds' => [['do' => 'tester', 'at' => ['point' => 'g2']]]];
    $round = ['kind' => 'where_asked', 'seed' => 3];
    foreach (['visit' => $case, 'advice' => $case, 'causes' => $case, 'drill' => $round] as $path => $said) {
        expect($ask($path, $said)['ok'])->toEqual($this->postJson("/practice/ask/$path", $said)->assertOk()->json());
    }
    expect($ask('afterwards', ['named' => 'open:w-g1:hot'] + $case)['ok']['right'])->toBeTrue()
        ->and($ask('visit', ['case' => 'nothing'] + $case)['refused']['message'])->toContain('case')
        ->and($ask('visit', ['deeds' => [['do' => 'trace_runs']]] + $case)['refused']['message'])->toContain('traced already')
        ->and($ask('dance', $case)['refused']['message'])->not->toBe('');
});
