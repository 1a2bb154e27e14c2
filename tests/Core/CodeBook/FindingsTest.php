<?php

declare(strict_types=1);

use Bouclier\Core\CodeBook\Assess;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\House\Edition;
use Tests\Core\Build;

/** One point p alone on circuit c1. */
function lone(array $point = [], array $area = [], array $circuit = [], array $house = []): array
{
    return $house + ['areas' => [$area + Build::area('a')], 'circuits' => [Build::circuit('c1', $circuit)], 'points' => [Build::point('p', $point)], 'cables' => [Build::cable('c1', 'p')]];
}

/** Point p, a GFCI unless said otherwise, and q beyond its LOAD. */
function pair(array $p = [], array $q = [], array $house = [], array $cable = []): array
{
    return $house + [
        'points' => [Build::point('p', $p + ['device' => 'gfci']), Build::point('q', $q)],
        'cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q', 'load', 'line', $cable)],
    ];
}

/** Points of one circuit, each in a room of its own: kind of room, then fields. */
function circuitOf(array $circuit, array ...$points): array
{
    $areas = $made = $cables = [];
    foreach ($points as $i => $point) {
        $id = $i === 0 ? 'p' : "p$i";
        $areas[] = Build::area($point['in'] ?? "a$i", $point[0]);
        $made[] = Build::point($id, array_diff_key($point, [0 => 1, 'in' => 1]) + ['area' => $point['in'] ?? "a$i"]);
        $cables[] = Build::cable('c1', $id);
    }

    return ['circuits' => [Build::circuit('c1', $circuit)], 'areas' => array_values(array_column($areas, null, 'id')), 'points' => $made, 'cables' => $cables];
}

it('finds it, and finds it only where it is', function (string $id, array $house, bool $found, Edition $edition = Edition::Nec2023, string $at = 'p'): void {
    $findings = Build::findings(Build::house($house), $at, $edition);
    $found ? expect($findings)->toContain($id) : expect($findings)->not->toContain($id);
})->with(function (): array {
    $light = ['kind' => 'light', 'device' => 'none'];
    $heater = fn(string $at, float $watts, bool $on = true): array => ['id' => "x$at", 'name' => 'Heater', 'at' => $at, 'watts' => $watts, 'on' => $on];
    $leaky = fn(float $r, float $c, string $at = 'q'): array => ['appliances' => [['id' => 'x', 'name' => 'X', 'at' => $at, 'leakage' => ['resistive_ma' => $r, 'capacitive_ma' => $c]]]];
    $bath = ['bathroom', 'serves' => 'countertop'];
    $old = Edition::Nec2017;
    $box = fn(float $in3, array $more = []): array => ['box' => ['volume_in3' => $in3] + $more];

    return [
        'fire alarm on a GFCI breaker' => ['alarm_on_protection', lone(['serves' => 'fire_alarm'], [], ['breaker' => 'gfci']), true],
        'fire alarm on an AFCI breaker' => ['alarm_on_protection', lone(['serves' => 'fire_alarm'], [], ['breaker' => 'afci']), true],
        'fire alarm kept off' => ['alarm_on_protection', lone(['serves' => 'fire_alarm']), false],
        'smoke alarm on AFCI' => ['alarm_on_protection', lone(['serves' => 'smoke_alarm'], [], ['breaker' => 'afci']), false],
        'alone, with another' => ['alone_shared', pair(['alone' => true]), true],
        'alone, with a junction' => ['alone_shared', pair(['alone' => true], ['kind' => 'junction', 'device' => 'none']), false],
        'freezer shares' => ['critical_shared', pair([], ['serves' => 'freezer']), true, Edition::Nec2023, 'q'],
        'freezer by itself' => ['critical_shared', lone(['serves' => 'freezer', 'device' => 'gfci']), false],
        'critical appliance shares' => ['critical_shared', pair([], [], ['appliances' => [['id' => 'x', 'name' => 'Aquarium', 'at' => 'q', 'critical' => true]]]), true, Edition::Nec2023, 'q'],
        'sump asked for, bare: a device of its own' => ['critical_own_device', lone(['serves' => 'sump_pump']), true],
        'sump asked for, own device' => ['critical_own_device', lone(['serves' => 'sump_pump', 'device' => 'gfci']), false],
        'freezer not asked for, protected' => ['critical_keep_off', lone(['serves' => 'freezer', 'device' => 'gfci']), true],
        'freezer not asked for, bare' => ['critical_keep_off', lone(['serves' => 'freezer']), false],
        '20 A duplex on 15 A' => ['device_over_circuit', lone(['amps' => 20], [], ['amps' => 15]), true],
        '20 A single alone on 15 A' => ['device_over_circuit', lone(['amps' => 20, 'yoke' => 'single'], [], ['amps' => 15]), false],
        '15 A single alone on 20 A' => ['device_over_circuit', lone(['amps' => 15, 'yoke' => 'single']), true],
        '15 A duplex on 20 A' => ['device_over_circuit', lone(['amps' => 15]), false],
        '30 A on 20 A' => ['device_over_circuit', lone(['amps' => 30]), true],
        '50 A on 40 A' => ['device_over_circuit', lone(['amps' => 50, 'volts' => 250], [], ['amps' => 40, 'volts' => 240]), false],
        'face over its rating' => ['device_under_load', lone([], [], [], ['appliances' => [$heater('p', 1801)]]), true],
        'face at its rating' => ['device_under_load', lone([], [], [], ['appliances' => [$heater('p', 1800)]]), false],
        'not running' => ['device_under_load', lone([], [], [], ['appliances' => [$heater('p', 5000, false)]]), false],
        'feed-through over 20 A' => ['device_under_load', pair([], ['amps' => 30], ['appliances' => [$heater('q', 2401)]]), true],
        'feed-through over its own rating' => ['device_under_load', pair(['feed_through_amps' => 15], ['amps' => 20], ['appliances' => [$heater('q', 1900)]]), true],
        'feed-through of 20 A' => ['device_under_load', pair([], ['amps' => 30], ['appliances' => [$heater('q', 2400)]]), false],
        '14 AWG on 20 A' => ['conductor_under_breaker', ['cables' => [Build::cable('c1', 'p', null, 'line', ['awg' => 14])]] + lone(), true],
        '12 AWG on 20 A' => ['conductor_under_breaker', ['cables' => [Build::cable('c1', 'p', null, 'line', ['awg' => 12])]] + lone(), false],
        '10 AWG on 30 A' => ['conductor_under_breaker', ['cables' => [Build::cable('c1', 'p', null, 'line', ['awg' => 10])]] + lone([], [], ['amps' => 30]), false],
        'wet, flip cover' => ['wrong_cover', lone(['exposure' => 'wet', 'cover' => 'flip']), true],
        'wet, hood' => ['wrong_cover', lone(['exposure' => 'wet', 'cover' => 'in_use']), false],
        'damp, flip cover' => ['wrong_cover', lone(['exposure' => 'damp', 'cover' => 'flip']), false],
        'damp, none' => ['wrong_cover', lone(['exposure' => 'damp', 'cover' => 'none']), true],
        'dry, none' => ['wrong_cover', lone(['cover' => 'none']), false],
        'not tamper-resistant' => ['not_tr', lone(['tr' => false]), true],
        'tamper-resistant' => ['not_tr', lone(['tr' => true]), false],
        'not weather-resistant' => ['not_wr', lone(['exposure' => 'damp', 'wr' => false]), true],
        'weather-resistant' => ['not_wr', lone(['exposure' => 'damp', 'wr' => true]), false],
        'dry need not be' => ['not_wr', lone(['wr' => false]), false],
        'no ground, own device, no label' => ['no_ground_unlabelled', lone(['ground' => 'none', 'device' => 'gfci']), true],
        'no ground, own device, label' => ['no_ground_unlabelled', lone(['ground' => 'none', 'device' => 'gfci', 'labels' => ['no_equipment_ground']]), false],
        'no ground, fed by one, one label' => ['no_ground_unlabelled', pair([], ['ground' => 'none', 'labels' => ['no_equipment_ground']]), true, Edition::Nec2023, 'q'],
        'no ground, fed by one, both' => ['no_ground_unlabelled', pair([], ['ground' => 'none', 'labels' => ['no_equipment_ground', 'gfci_protected']]), false, Edition::Nec2023, 'q'],
        'no ground, not protected' => ['no_ground_unlabelled', lone(['ground' => 'none']), false],
        'ground broken' => ['ground_broken', lone(['ground' => 'broken']), true],
        'ground by raceway' => ['ground_broken', lone(['ground' => 'raceway']), false],
        'device out of reach' => ['not_accessible', lone(['device' => 'gfci', 'accessible' => false]), true],
        'plain receptacle out of reach' => ['not_accessible', lone(['accessible' => false]), false],
        'over the tub, 2017' => ['tub_zone', lone(['tub_zone' => ['horizontal_ft' => 0, 'above_rim_ft' => 9]]), true, $old],
        'beside the tub, 2017' => ['tub_zone', lone(['tub_zone' => ['horizontal_ft' => 1, 'above_rim_ft' => 1]]), false, $old],
        'beside the tub, 2020' => ['tub_zone', lone(['tub_zone' => ['horizontal_ft' => 3, 'above_rim_ft' => 8]]), true, Edition::Nec2020],
        'beyond 3 ft' => ['tub_zone', lone(['tub_zone' => ['horizontal_ft' => 3.1, 'above_rim_ft' => 1]]), false],
        'above 8 ft' => ['tub_zone', lone(['tub_zone' => ['horizontal_ft' => 1, 'above_rim_ft' => 8.1]]), false],
        'below the rim, 2020' => ['tub_zone', lone(['tub_zone' => ['horizontal_ft' => 1, 'above_rim_ft' => -1]]), false, Edition::Nec2020],
        'below the rim, 2023' => ['tub_zone', lone(['tub_zone' => ['horizontal_ft' => 1, 'above_rim_ft' => -1]]), true],
        'on the opposite wall' => ['tub_zone', lone(['tub_zone' => ['horizontal_ft' => 2, 'above_rim_ft' => 1, 'opposite_wall' => true]]), false],
        'toilet seat, 2023' => ['tub_zone', lone(['serves' => 'bidet', 'tub_zone' => ['horizontal_ft' => 2, 'above_rim_ft' => 1]]), false],
        'toilet seat, 2020' => ['tub_zone', lone(['serves' => 'bidet', 'tub_zone' => ['horizontal_ft' => 2, 'above_rim_ft' => 1]]), true, Edition::Nec2020],
        'bathroom on 15 A' => ['bathroom_circuit_15a', circuitOf(['amps' => 15], $bath), true],
        'bathroom on 20 A' => ['bathroom_circuit_15a', circuitOf([], $bath), false],
        'bathroom, not the counter, 2023' => ['bathroom_circuit_15a', circuitOf(['amps' => 15], ['bathroom']), false],
        'bathroom, not the counter, 2017' => ['bathroom_circuit_15a', circuitOf(['amps' => 15], ['bathroom']), true, $old],
        'bathroom with a hall outlet' => ['bathroom_circuit_shared', circuitOf([], $bath, ['hallway']), true],
        'bathroom with its own light' => ['bathroom_circuit_shared', circuitOf([], $bath + ['in' => 'b'], ['bathroom', 'in' => 'b'] + $light), false],
        'two bathrooms, counters only' => ['bathroom_circuit_shared', circuitOf([], $bath, $bath), false],
        'two bathrooms and a light' => ['bathroom_circuit_shared', circuitOf([], $bath, $bath, ['bathroom'] + $light), true],
        'counter on 15 A' => ['countertop_circuit_15a', circuitOf(['amps' => 15], ['kitchen', 'serves' => 'countertop']), true],
        'counter on 20 A' => ['countertop_circuit_15a', circuitOf([], ['kitchen', 'serves' => 'countertop']), false],
        'counter and dining' => ['countertop_circuit_shared', circuitOf([], ['kitchen', 'serves' => 'countertop'], ['dining']), false],
        'counter and a light' => ['countertop_circuit_shared', circuitOf([], ['kitchen', 'serves' => 'countertop'], ['kitchen'] + $light), true],
        'laundry on 15 A' => ['laundry_circuit_15a', circuitOf(['amps' => 15], ['laundry']), true],
        'laundry on 20 A' => ['laundry_circuit_15a', circuitOf([], ['laundry']), false],
        'laundry light on 15 A' => ['laundry_circuit_15a', circuitOf(['amps' => 15], ['laundry'] + $light), false],
        'laundry and a hall' => ['laundry_circuit_shared', circuitOf([], ['laundry'], ['hallway']), true],
        'garage and outdoors' => ['garage_circuit_shared', circuitOf([], ['garage'], ['outdoors']), false],
        'garage and outdoors, 2014' => ['garage_circuit_shared', circuitOf([], ['garage'], ['outdoors']), true, Edition::Nec2014],
        'garage and its light, 2014' => ['garage_circuit_shared', circuitOf([], ['garage'], ['garage'] + $light), false, Edition::Nec2014],
        'garage and its light, 2017' => ['garage_circuit_shared', circuitOf([], ['garage'], ['garage'] + $light), true, $old],
        'garage and a bedroom' => ['garage_circuit_shared', circuitOf([], ['garage'], ['bedroom']), true],
        '10 A, general' => ['ten_amp_circuit', circuitOf(['amps' => 10], ['bedroom']), true],
        '10 A, lights' => ['ten_amp_circuit', circuitOf(['amps' => 10], ['bedroom'] + $light), false],
        'a room half protected' => ['room_partly_protected', ['areas' => [Build::area('a', 'garage')]] + pair([], [], ['cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q', 'splice')]]), true],
        'a room protected' => ['room_partly_protected', ['areas' => [Build::area('a', 'garage')]] + pair(), false],
        'a room not protected at all' => ['room_partly_protected', ['areas' => [Build::area('a', 'garage')]] + pair(['device' => 'standard']), false],
        'a light beyond LOAD' => ['lights_beyond_load', pair([], $light), true, Edition::Nec2023, 'q'],
        'a light spliced past' => ['lights_beyond_load', pair([], $light, ['cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q', 'line')]]), false, Edition::Nec2023, 'q'],
        'a light on a GFCI breaker' => ['lights_beyond_load', lone($light, [], ['breaker' => 'gfci']), false],
        'leakage over budget' => ['leakage_over_budget', pair([], [], $leaky(2.0, 1.6)), true],
        'leakage at right angles stays within' => ['leakage_over_budget', pair([], [], $leaky(2.0, 1.4)), false],
        'leakage of the face counts' => ['leakage_over_budget', pair([], [], $leaky(3, 0, 'p')), true],
        'a set budget' => ['leakage_over_budget', pair([], [], $leaky(1, 0) + ['budget_ma' => 0.5]), true],
        'a long cable' => ['leakage_over_budget', pair([], [], [], ['length_ft' => 2600]), true],
        'a long cable without a ground' => ['leakage_over_budget', pair([], [], [], ['length_ft' => 2600, 'ground' => false]), false],
        'behind a breaker' => ['leakage_over_budget', lone([], [], ['breaker' => 'gfci'], $leaky(3, 0, 'p')), true],
        'box: two 12 AWG cables, device, grounds' => ['box_overfull', ['cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q')], 'points' => [Build::point('p', $box(15.7)), Build::point('q')]] + lone(), true],
        'box: exactly enough' => ['box_overfull', ['cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q')], 'points' => [Build::point('p', $box(15.75)), Build::point('q')]] + lone(), false],
        'box: clamps add one' => ['box_overfull', ['cables' => [Build::cable('c1', 'p'), Build::cable('p', 'q')], 'points' => [Build::point('p', $box(17.9, ['clamps' => 2])), Build::point('q')]] + lone(), true],
        'box: no volume recorded' => ['box_overfull', lone(), false],
        'wires short' => ['wires_short', lone(['box' => ['free_in' => 5.9]]), true],
        'wires long enough' => ['wires_short', lone(['box' => ['free_in' => 6, 'past_face_in' => 3]]), false],
        'short past the face' => ['wires_short', lone(['box' => ['past_face_in' => 2.5, 'opening_in' => 4]]), true],
        'past the face of a large opening' => ['wires_short', lone(['box' => ['past_face_in' => 2.5, 'opening_in' => 8]]), false],
    ];
});

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
    $house = Build::house(pair([], [], ['appliances' => [['id' => 'x', 'name' => 'X', 'at' => 'q', 'leakage' => ['resistive_ma' => $ma]]]]));
    $found = array_column(array_map(fn(Finding $f): array => ['id' => $f->id, 'severity' => $f->severity->value], (new Assess($house))->point($house->point('p'))->findings), 'severity', 'id');
    expect($found['leakage_over_budget'])->toBe($severity);
})->with([[2.51, 'warning'], [3.99, 'warning'], [4.0, 'error']]);

it('gives every finding of the demo house a reason, and a clause or none', function (): void {
    $house = (new Bouclier\Core\Exchange\HouseReader())->fromJson((string) file_get_contents(__DIR__ . '/../../../database/demo/plover-street-8.house.json'));
    foreach (Edition::cases() as $edition) {
        $assessment = (new Assess($house, $edition))->house();
        $all = [...$assessment->findings, ...array_merge(...array_map(fn($p): array => $p->findings, $assessment->points))];
        expect($all)->not->toBeEmpty();
        foreach ($all as $finding) {
            expect($finding->why)->toMatch('/^[A-Z].*[.!]$/s')->and($finding->clause)->not->toBe('');
        }
    }
});
