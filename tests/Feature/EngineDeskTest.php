<?php

declare(strict_types=1);

use Bouclier\Engine\Desk;
use Bouclier\Engine\GaveWay;
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
