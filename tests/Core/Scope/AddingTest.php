<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Verdict;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;
use Bouclier\Core\Scope\Adding\AddingOutlet;
use Bouclier\Core\Scope\Adding\Tap;
use Bouclier\Core\Scope\Adding\WantedOutlet;
use Bouclier\Core\Scope\Adding\Way;
use Tests\Core\Build;

function demoHouse(): House
{
    return Build::house(json_decode((string) file_get_contents(__DIR__ . '/../../../database/demo/plover-street-8.house.json'), true));
}

/** @return array<Tap> by the code of the box */
function tapsIn(House $house, string $area, Serves $serves, ?Distance $distance = null, array $behind = []): array
{
    $taps = (new AddingOutlet($house, new WantedOutlet($house->area($area), $serves, $distance, $behind)))->taps();

    return array_combine(array_map(fn(Tap $tap): string => $tap->box->code ?? 'panel', $taps), $taps);
}

it('refuses the wrong circuit in the bathroom by its clause, and takes one that may', function (): void {
    $house = demoHouse();
    $bath = array_values(array_filter($house->areas, fn($area): bool => $area->code === 'B1'))[0];
    $taps = tapsIn($house, $bath->id, Serves::Countertop);
    expect($taps['B1-01']->isAllowed())->toBeFalse()->and(implode(' ', $taps['B1-01']->refused))->toContain('210.11(C)(3)')
        ->and($taps['panel']->isAllowed())->toBeTrue()->and($taps['panel']->way)->toBe(Way::FromThePanel);
});

it('says how long the cable is by the ruler, and through the wall from the box behind', function (): void {
    $house = demoHouse();
    $kitchen = array_values(array_filter($house->areas, fn($area): bool => $area->code === 'K1'))[0];
    $sink = $kitchen->fixtures()[0]->id;
    $taps = tapsIn($house, $kitchen->id, Serves::Countertop, new Distance($sink, 4.0), ['d1']);
    $from = array_values(array_filter($house->point('k1')->distances(), fn(Distance $one): bool => $one->fixture === $sink))[0]->ft;
    expect($taps['K1-01']->ft)->toBe(round(abs($from - 4.0) + 8.0, 1))->and($taps['D1-01']->way)->toBe(Way::ThroughTheWall)
        ->and($taps['D1-01']->ft)->toBe(2.0);
});

it('gives the new outlet what the code asks there, and leaves none bare that was not', function (string $code, Serves $serves): void {
    $house = demoHouse();
    $area = array_values(array_filter($house->areas, fn($one): bool => $one->code === $code))[0];
    $was = new Assess($house);
    $allowed = array_filter(tapsIn($house, $area->id, $serves), fn(Tap $tap): bool => $tap->isAllowed());
    expect($allowed)->not->toBe([]);
    foreach ($allowed as $tap) {
        $then = new Assess($tap->house);
        foreach ($tap->house->points as $point) {
            foreach ([Protection::Gfci, Protection::Afci] as $function) {
                $before = $house->hasPoint($point->id) ? $was->verdict($house->point($point->id), $function) : Verdict::Met;
                if (! in_array($before, [Verdict::Missing, Verdict::Advised], true)) {
                    expect($then->verdict($point, $function))->not->toBe(Verdict::Missing, "{$point->code} by {$tap->text}");
                }
            }
        }
        expect($tap->bill->cost())->toBeGreaterThan(50.0)->and($tap->cut)->not->toBe([]);
    }
})->with([['K1', Serves::Countertop], ['W1', Serves::General], ['R1', Serves::General], ['Y1', Serves::General], ['B1', Serves::Bidet]]);

it('refuses what would overload the breaker, and 240 V', function (): void {
    $outlet = fn(string $id, array $more = []): array => $more + [
        'id' => $id, 'code' => strtoupper($id), 'area' => 'a', 'name' => $id, 'kind' => 'receptacle', 'device' => 'standard',
    ];
    $house = Build::house([
        'work' => 'existing', 'areas' => [Build::area('a', 'living')],
        'circuits' => [Build::circuit('c1', ['amps' => 15]), Build::circuit('c2', ['volts' => 240, 'poles' => 2, 'amps' => 30])],
        'points' => [$outlet('k1'), $outlet('k2', ['amps' => 30, 'volts' => 250, 'serves' => 'dryer'])],
        'cables' => [
            ['id' => 'w1', 'from' => ['circuit' => 'c1'], 'to' => ['point' => 'k1']],
            ['id' => 'w2', 'from' => ['circuit' => 'c2'], 'to' => ['point' => 'k2']],
        ],
        'appliances' => [['id' => 'x', 'name' => 'Heater', 'at' => 'k1', 'watts' => 1500, 'on' => true]],
    ]);
    $taps = tapsIn($house, 'a', Serves::Microwave);
    expect(implode(' ', $taps['K1']->refused))->toContain('of 15 A')->and(implode(' ', $taps['K2']->refused))->toContain('240 V');
});
