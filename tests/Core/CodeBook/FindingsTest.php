<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\House\Edition;
use Tests\Core\Build;
use Tests\Core\Houses;

it('counts the grounds of a box by edition (314.16(B)(5))', function (int $cables, Edition $edition, bool $full): void {
    // Conductors 2 × 2.25 a cable, a device 4.5, grounds 2.25, and in 2020 a quarter more for each ground beyond four.
    $points = [Build::point('p', ['box' => ['volume_in3' => $cables * 4.5 + 4.5 + 2.25]])];
    $run = [Build::cable('c1', 'p')];
    for ($i = 1; $i < $cables; ++$i) {
        $points[] = Build::point("q$i");
        $run[] = Build::cable('p', "q$i");
    }
    $findings = Build::findings(Build::house(['points' => $points, 'cables' => $run]), 'p', $edition);
    expect(in_array('box_overfull', $findings, true))->toBe($full);
})->with([[4, Edition::Nec2023, false], [5, Edition::Nec2017, false], [5, Edition::Nec2020, true]]);

it('grades leakage: a warning over budget, an error from 4 mA', function (float $ma, string $severity): void {
    $house = Build::house(
        Houses::pair([], [], ['appliances' => [['id' => 'x', 'name' => 'X', 'at' => 'q', 'leakage' => ['resistive_ma' => $ma]]]]),
    );
    $found = array_column(
        array_map(
            fn(Finding $f): array => ['id' => $f->id, 'severity' => $f->severity->value],
            (new Assess($house))->point($house->point('p'))->findings,
        ),
        'severity',
        'id',
    );
    expect($found['leakage_over_budget'])->toBe($severity);
})->with([[2.51, 'warning'], [3.99, 'warning'], [4.0, 'error']]);

it('gives every finding of the demo house a reason, and a clause or none', function (): void {
    $house = (new Bouclier\Core\Exchange\HouseReader())->fromJson(
        (string) file_get_contents(__DIR__ . '/../../../database/demo/plover-street-8.house.json'),
    );
    foreach (Edition::cases() as $edition) {
        $assessment = (new Assess($house, $edition))->house();
        $all = [...$assessment->findings, ...array_merge(...array_map(fn($p): array => $p->findings, $assessment->points))];
        expect($all)->not->toBeEmpty();
        foreach ($all as $finding) {
            expect($finding->why)->toMatch('/^[A-Z].*[.!]$/s')->and($finding->clause)->not->toBe('');
        }
    }
});
