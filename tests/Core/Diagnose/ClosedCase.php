<?php

declare(strict_types=1);

namespace Tests\Core\Diagnose;

use Bouclier\Core\Diagnose\Diagnoser;
use Bouclier\Core\Diagnose\Explains;
use Bouclier\Core\Diagnose\Hypotheses;
use Bouclier\Core\Diagnose\Hypothesis;
use Bouclier\Core\Diagnose\Symptom;
use Bouclier\Core\Diagnose\Test;
use Bouclier\Core\Exchange\DiagnosisWriter;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Network\Simulation;
use Bouclier\Core\Network\Spot;
use Tests\Core\Build;

/** A made-up house with one hidden fault: diagnosis asks, the simulation answers, until it is settled or nothing is left to ask. */
final class ClosedCase
{
    private function __construct(
        public readonly House $house,
        public readonly Hypothesis $hidden,
        private readonly Simulation $simulation,
        private readonly array $symptom,
    ) {
    }

    /** @return self|null null where the fault shows in nothing anybody would call about */
    public static function of(int $seed): ?self
    {
        mt_srand($seed);
        $house = self::house(mt_rand(3, 8), mt_rand(2, 5));
        $feeds = new FeedMap($house);
        $symptom = (object) ['kind' => 'trips', 'at' => 'p0', 'when' => 'random'];
        $wrong = [];
        $all = array_values(array_filter(
            Hypotheses::of($house, $feeds, Symptom::of($house->with(sections: ['symptom' => $symptom]), $wrong)),
            fn(Hypothesis $one): bool => $one->explains === Explains::Fault && ! str_contains($one->id, 'arc'),
        ));
        $byKind = [];
        foreach ($all as $one) {
            $byKind[explode(':', $one->id)[0] . ($one->chance < 1.0 ? ' now and then' : '')][] = $one;
        }
        $kind = array_keys($byKind)[mt_rand(0, count($byKind) - 1)];
        $hidden = $byKind[$kind][mt_rand(0, count($byKind[$kind]) - 1)];
        $faults = array_map(fn(Fault $fault): Fault => self::nearby($fault), $hidden->variants[mt_rand(0, count($hidden->variants) - 1)]);
        if ($hidden->chance < 1.0) {
            $faults = [new Fault(FaultKind::Intermittent, $faults[0]->at, of: $faults, chance: mt_rand(25, 60) / 100)];
        }
        $called = self::called($house, $faults, $hidden, $seed);

        return $called === null ? null : new self($house, $hidden, new Simulation($house, $faults, Draws::seeded($seed)), $called);
    }

    public function kind(): string
    {
        return explode(':', $this->hidden->id)[0] . ($this->hidden->chance < 1.0 ? ' now and then' : '');
    }

    /** @return array{settled: bool, found: bool, minutes: float, steps: int, sure: float} */
    public function solve(int $most = 25): array
    {
        $tests = [];
        $minutes = 0.0;
        for ($step = 0; ; ++$step) {
            $file = $this->house->with(sections: ['symptom' => (object) $this->symptom, 'tests' => $tests]);
            $wrong = [];
            $diagnosis = (new Diagnoser($file, Symptom::of($file, $wrong), Test::of($file, $wrong)))->diagnose();
            $top = $diagnosis->causes[0];
            $plain = fn(string $id): string => str_replace(':intermittent', '', $id);
            if ($diagnosis->settled || $diagnosis->next === null || $step >= $most) {
                return [
                    'settled' => $diagnosis->settled,
                    'found' => in_array($plain($this->hidden->id), array_map($plain, [$top->hypothesis->id, ...$top->sameAs]), true),
                    'minutes' => $minutes, 'steps' => $step, 'sure' => $top->probability, 'top' => $top->hypothesis->id, 'tests' => $tests,
                ];
            }
            $action = $diagnosis->next->first();
            $alone = $action->kind === ActionKind::Wait ? $action->minutes : $action->kind->minutes();
            $minutes += count($diagnosis->next->actions) === 1 ? $diagnosis->next->minutes : $alone;
            $tests[] = json_decode((string) json_encode(['action' => DiagnosisWriter::action($action), 'reading' => $this->simulation->act($action)]), false);
        }
    }

    /** The severity is not the one the diagnosis reckons with. */
    private static function nearby(Fault $fault): Fault
    {
        $by = mt_rand(60, 160) / 100;

        return new Fault($fault->kind, $fault->at, $fault->ohms * $by, $fault->conductor, $fault->landing, $fault->lender, $fault->tripMa === null ? null : min(3.6, $fault->tripMa * $by));
    }

    /** What the customer calls about. @param list<Fault> $faults */
    private static function called(House $house, array $faults, Hypothesis $hidden, int $seed): ?array
    {
        $now = new Simulation($house, $faults, Draws::seeded($seed));
        $walk = $now->act(new Action(ActionKind::Walk));
        if ($hidden->chance < 1.0) {
            $trips = $now->act(new Action(ActionKind::Trial, new Spot(point: 'p0'), days: 14))['trips'];

            return $trips > 0 ? ['kind' => 'trips', 'at' => 'p0', 'when' => 'random'] : null;
        }
        if ($hidden->variants[0][0]->kind === FaultKind::StuckDevice) {
            return ['kind' => 'will_not_trip', 'at' => $hidden->at->device(), 'when' => 'unknown'];
        }
        if (in_array('p0', $walk['dead'], true)) {
            $reset = $now->act(new Action(ActionKind::Reset, new Spot(point: 'p0')));

            return $reset['no_power'] ? ['kind' => 'dead', 'at' => 'p0', 'when' => 'unknown'] : ['kind' => $reset['tripped'] === [] && ! $reset['holds'] ? 'will_not_reset' : 'trips', 'at' => 'p0', 'when' => 'at_once'];
        }
        if ($walk['dead'] !== []) {
            return ['kind' => 'dead', 'at' => $walk['dead'][0], 'when' => 'unknown'];
        }
        foreach ($house->points as $point) {
            $lamps = (new Simulation($house, $faults, Draws::exact()))->act(new Action(ActionKind::Tester, new Spot(point: $point->id)));
            if (array_values($lamps) !== [true, true, false]) {
                return ['kind' => 'reads_wrong', 'at' => $point->id, 'when' => 'unknown'];
            }
        }

        return null;
    }

    /** A GFCI p0 with outlets beyond its LOAD, appliances here and there, and another device on another circuit to try things on. */
    private static function house(int $outlets, int $appliances): House
    {
        $points = [Build::point('p0', ['device' => 'gfci']), Build::point('o', ['device' => 'gfci'])];
        $cables = [Build::cable('c1', 'p0', more: ['id' => 'w0', 'length_ft' => mt_rand(15, 70)]), Build::cable('c2', 'o', more: ['id' => 'wo', 'length_ft' => mt_rand(15, 70)])];
        foreach (range(1, $outlets) as $n) {
            $from = mt_rand(0, 2) === 0 ? mt_rand(0, $n - 1) : $n - 1;
            $points[] = Build::point("p$n", ['exposure' => mt_rand(0, 4) === 0 ? 'damp' : 'dry']);
            $cables[] = Build::cable("p$from", "p$n", $from === 0 ? 'load' : 'line', 'line', ['id' => "w$n", 'length_ft' => mt_rand(5, 30)]);
        }
        $things = array_map(fn(int $n): array => [
            'id' => "a$n", 'name' => "A$n", 'at' => 'p' . mt_rand(0, $outlets), 'watts' => mt_rand(40, 900), 'on' => mt_rand(0, 1) === 1, 'extension' => mt_rand(0, 2) === 0,
            'leakage' => ['resistive_ma' => mt_rand(0, 30) / 100, 'capacitive_ma' => mt_rand(0, 30) / 100],
        ], range(1, $appliances));

        return Build::house(['points' => $points, 'cables' => $cables, 'appliances' => $things]);
    }
}
