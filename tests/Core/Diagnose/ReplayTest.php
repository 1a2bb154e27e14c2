<?php

declare(strict_types=1);

use Bouclier\Core\Diagnose\Foresight;
use Bouclier\Core\Diagnose\Hypotheses;
use Bouclier\Core\Diagnose\Replay;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Network\Simulation;
use Tests\Core\Build;

it('finds what the model shows likely under the cause that is there, and seldom under one that is not', function (): void {
    $house = Build::house([
        'points' => [Build::point('g', ['device' => 'gfci']), Build::point('p'), Build::point('q'), Build::point('r', ['device' => 'gfci'])],
        'cables' => [Build::cable('c1', 'g', more: ['id' => 'w1', 'length_ft' => 40]), Build::cable('g', 'p', 'load', more: ['id' => 'w2', 'length_ft' => 20]), Build::cable('p', 'q', more: ['id' => 'w3', 'length_ft' => 30]), Build::cable('c2', 'r', more: ['id' => 'w4', 'length_ft' => 30])],
        'appliances' => [['id' => 'a', 'name' => 'A', 'at' => 'p', 'watts' => 300, 'on' => true], ['id' => 'b', 'name' => 'B', 'at' => 'q', 'watts' => 60, 'extension' => true]],
        'symptom' => ['kind' => 'reads_wrong', 'at' => 'p'],
    ]);
    $actions = json_decode((string) json_encode([
        ['do' => 'indicator', 'at' => ['point' => 'g']], ['do' => 'tester', 'at' => ['point' => 'q']], ['do' => 'unplug', 'appliance' => 'a'], ['do' => 'reset', 'at' => ['point' => 'g']],
        ['do' => 'volts', 'at' => ['point' => 'p'], 'between' => 'hn'], ['do' => 'tester', 'at' => ['point' => 'p']], ['do' => 'plug', 'appliance' => 'a'], ['do' => 'move', 'appliance' => 'b', 'to' => 'r'],
        ['do' => 'reset', 'at' => ['point' => 'g']], ['do' => 'lift', 'point' => 'p', 'pair' => 'w3', 'on' => false], ['do' => 'reset', 'at' => ['point' => 'g']], ['do' => 'walk'],
        ['do' => 'breaker', 'circuit' => 'c1', 'on' => false], ['do' => 'unplug_all', 'circuit' => 'c1'], ['do' => 'insulation', 'cable' => 'w2'],
    ]), false);
    $wrong = [];
    $symptom = Symptom::of($house, $wrong);
    assert($symptom !== null);
    $foresight = new Foresight($house, new FeedMap($house));
    $steady = array_values(array_filter(Hypotheses::of($house, $foresight->feeds, $symptom), fn($one): bool => $one->variants[0] !== [] && $one->chance >= 1.0 && ! in_array($one->variants[0][0]->kind, [FaultKind::SeriesArc, FaultKind::ParallelArc], true)));
    $logs = fn($hypothesis, array $tests): array => (function () use ($foresight, $hypothesis, $tests): array {
        $replay = Replay::of($foresight, $hypothesis, 0);
        array_map($replay->take(...), $tests);

        return $replay->each;
    })();
    $better = $pairs = 0;
    foreach ($steady as $number => $true) {
        $simulation = new Simulation($house, $true->variants[0], Draws::exact());
        $script = Bouclier\Core\Network\Actions::of($house->with(sections: ['actions' => $actions]));
        $tests = array_map(fn($action, $data): stdClass => (object) ['action' => $data, 'reading' => json_decode((string) json_encode($simulation->act($action)), false)], $script->all, $actions);
        $read = Test::of($house->with(sections: ['tests' => $tests]), $wrong);
        $mine = $logs($true, $read);
        // Each reading by itself is one the cause allows: none is down at the level of a slip.
        expect(min($mine))->toBeGreaterThan(log(0.019), "{$true->id}: " . json_encode($tests[array_search(min($mine), $mine, true)]));
        $other = $steady[($number * 7 + 11) % count($steady)];
        $pairs += $other === $true ? 0 : 1;
        $better += array_sum($mine) >= array_sum($logs($other, $read)) - 1e-9 ? 1 : 0;
    }
    expect($wrong)->toBe([])->and(count($steady))->toBeGreaterThan(60)->and($better / $pairs)->toBeGreaterThan(0.9);
});
