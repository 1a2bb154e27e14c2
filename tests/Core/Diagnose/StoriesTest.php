<?php

declare(strict_types=1);

use Tests\Core\Diagnose\Stories;

it('concludes of a story what must be, and nothing that must not', function (array $story): void {
    $diagnosis = Stories::diagnosed($story);
    $sure = [];
    foreach ($diagnosis->causes as $cause) {
        $sure[$cause->hypothesis->id] = $cause->probability;
    }
    $said = json_encode(array_map(fn(float $one): float => round($one, 3), array_slice($sure, 0, 6)), JSON_THROW_ON_ERROR);
    if (isset($story['settled'])) {
        expect($diagnosis->settled)->toBe($story['settled'], $said);
    }
    if (isset($story['first'])) {
        expect(array_keys($sure)[0])->toStartWith($story['first'], $said);
    }
    foreach ($story['among'] ?? [] as $id => $least) {
        expect($sure[$id] ?? 0.0)->toBeGreaterThanOrEqual($least, "$id of $said");
    }
    foreach ($story['under'] ?? [] as $id => $most) {
        expect($sure[$id] ?? 0.0)->toBeLessThanOrEqual($most, "$id of $said");
    }
    if (isset($story['next'])) {
        expect($diagnosis->next()?->first()->name())->toBe($story['next'], $said);
    }
})->with(array_map(fn(array $story): array => [$story], Stories::all()));
