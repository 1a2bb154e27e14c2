<?php

declare(strict_types=1);

use Bouclier\Core\Exchange\HouseReader;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Expected;
use Bouclier\Core\Network\GridBuilder;
use Bouclier\Core\Network\Instruments;
use Bouclier\Core\Network\Islands;
use Tests\Core\Answers\Corpus;
use Tests\Core\Build;

it('shows by islands what the network of the whole house shows', function (): void {
    $compared = 0;
    foreach (Corpus::houses() as $name => $json) {
        $house = (new HouseReader())->fromJson($json);
        $feeds = new FeedMap($house);
        $whole = (new GridBuilder($house, $feeds))->build(Condition::of($house));
        $expected = new Expected($house, $feeds);
        foreach ($house->points as $point) {
            [$hot, $neutral] = $whole->faces[$point->id];
            $volts = $whole->solution()->between($hot, $neutral);
            $lamps = (new Instruments($house))->lamps($whole, $point->id);
            expect($expected->voltsAt($point)['hn'])->toEqualWithDelta($volts, 1e-6, "$name, {$point->id}")
                ->and($expected->lampsAt($point)->equals($lamps))->toBeTrue("$name, {$point->id}");
            $circuit = $feeds->feed($point)->circuit;
            $lost = $circuit === null ? 0.0 : $house->lineVolts($circuit) - $volts;
            // What is said not to be lost is not; where nothing reaches at all, nothing is lost on the way.
            // Of what the format allows and nobody wires, the voltages alone are compared.
            if ($circuit !== null && ! str_starts_with($name, 'shape') && $lost > 0.5 && $lost < 0.3 * $house->lineVolts($circuit)) {
                ++$compared;
                expect($expected->mayLose($point, $lost))->toBeTrue("$name, {$point->id} loses $lost V");
            }
        }
    }
    expect($compared)->toBeGreaterThan(100);
});

it('takes apart what shares nothing, and keeps together what does', function (array $parts, array $islands): void {
    $house = Build::house($parts + [
        'points' => [Build::point('p'), Build::point('q'), Build::point('r')],
        'cables' => [Build::cable('c1', 'p'), Build::cable('c2', 'q'), Build::cable('q', 'r')],
    ]);
    $on = new Islands($house);
    $found = [];
    foreach ($house->points as $point) {
        $found[$on->ofPoint($point->id)][] = $point->id;
    }
    expect(array_values($found))->toBe($islands);
    foreach ($found as $island => $points) {
        expect(array_column($on->alone($island)->points, 'id'))->toBe($points);
    }
})->with([
    'two circuits' => [[], [['p'], ['q', 'r']]],
    'one cable for two' => [
        ['cables' => [['id' => 'w', 'from' => ['circuits' => ['c1', 'c2']], 'to' => ['point' => 'p']], Build::cable('c2', 'q')]],
        [['p', 'q'], ['r']],
    ],
    'two that share a neutral' => [
        ['circuits' => [Build::circuit('c1', ['multiwire_with' => 'c2']), Build::circuit('c2')]],
        [['p', 'q', 'r']],
    ],
    'a panel fed by the other' => [
        [
            'panels' => [['id' => 'main', 'name' => 'Main'], ['id' => 'sub', 'name' => 'Sub', 'fed_from' => 'c1']],
            'circuits' => [Build::circuit('c1'), Build::circuit('c2', ['panel' => 'sub'])],
        ],
        [['p', 'q', 'r']],
    ],
]);

it('knows without solving that a light load on a short run loses little', function (): void {
    $house = fn(int $watts): House => Build::house([
        'points' => [Build::point('p')], 'cables' => [Build::cable('c1', 'p', more: ['awg' => 12, 'length_ft' => 50])],
        'appliances' => [['id' => 'x', 'name' => 'Heater', 'at' => 'p', 'watts' => $watts, 'on' => true]],
    ]);
    // 100 ft of 12 AWG there and back, 0.193 ohm: 150 W lose a quarter of a volt, 1800 W three.
    $may = fn(House $built): bool => (new Expected($built, new FeedMap($built)))->mayLose($built->points[0], 2.0);
    expect($may($house(150)))->toBeFalse()->and($may($house(1800)))->toBeTrue();
});
