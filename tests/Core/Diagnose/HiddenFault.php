<?php

declare(strict_types=1);

namespace Tests\Core\Diagnose;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\ActionList;
use Bouclier\Core\Actions\Simulation;
use Bouclier\Core\Faults\FaultList;
use Bouclier\Core\House\House;
use Bouclier\Core\Network\Draws;
use Tests\Core\Build;

/**
 * A made-up house with something hidden in it, of every kind the electrical model knows, and what somebody would call about. Written from
 * the house file alone: it shares nothing with what the diagnosis thinks of.
 */
final class HiddenFault
{
    public const KINDS = [
        'leak appliance', 'leak cord', 'leak point', 'leak cable', 'neutral_ground point', 'neutral_ground cable', 'open hot',
        'open neutral', 'open ground', 'open pigtail', 'short', 'high_resistance', 'swap', 'swap_hot_ground',
        'reversed_line_load', 'land', 'bootleg', 'borrowed_neutral', 'dead_device', 'weak_device', 'stuck_device', 'series_arc',
        'parallel_arc', 'intermittent leak', 'intermittent neutral_ground', 'intermittent arc', 'honest_sum', 'long_cable', 'overload',
    ];

    /**
     * @param array<string, mixed> $house as it is recorded
     * @param array<string, mixed> $true as it is
     * @param array<string, mixed> $symptom
     */
    private function __construct(
        public readonly string $kind,
        public readonly array $house,
        private readonly array $true,
        public readonly array $faults,
        public readonly array $symptom,
        public readonly int $seed,
        private readonly ?string $hangsOn = null,
    ) {
    }

    /**
     * The same, and nobody has drawn what hangs beyond one of the outlets.
     *
     * @return self|null null where the call is about that part, or nothing would be left of the run
     */
    public function drawnInPart(): ?self
    {
        mt_srand($this->seed * 31 + 7);
        $isOfTheRun = fn(array $one): bool => $one['id'][0] === 'w' && isset($one['from']['point']);
        $run = array_values(array_filter($this->house['cables'], $isOfTheRun));
        if ($run === []) {
            return null;
        }
        $cut = $run[mt_rand(0, count($run) - 1)];
        $gone = [$cut['to']['point'] => true];
        foreach ($run as $cable) {
            // Each cable comes after the one that feeds it.
            $gone += isset($gone[$cable['from']['point']]) ? [$cable['to']['point'] => true] : [];
        }
        if (isset($gone[$this->symptom['at']])) {
            return null;
        }
        $isLeft = fn(string $point): bool => ! isset($gone[$point]);
        $drawn = [
            'drawn' => 'part',
            'points' => array_values(array_filter($this->house['points'], fn(array $one): bool => $isLeft($one['id']))),
            'cables' => array_values(array_filter($this->house['cables'], fn(array $one): bool => $isLeft($one['to']['point']))),
            'appliances' => array_values(array_filter($this->house['appliances'], fn(array $one): bool => $isLeft($one['at']))),
        ] + $this->house;

        return new self($this->kind, $drawn, $this->true, $this->faults, $this->symptom, $this->seed, $cut['from']['point']);
    }

    /** A reading as it is noted: of what nobody has drawn nothing is. */
    public function noted(array $reading): array
    {
        $known = array_fill_keys([
            ...array_column($this->house['points'], 'id'), ...array_column($this->house['circuits'], 'id'),
        ], true);

        return array_map(
            fn(mixed $said): mixed => is_array($said) && array_is_list($said) && is_string($said[0] ?? null)
                ? array_values(array_filter($said, fn(string $one): bool => isset($known[$one]) || preg_match('/^[a-z]\\d+$/', $one) !== 1))
                : $said,
            $reading,
        );
    }

    /** @return self|null null where nobody would call about it */
    public static function of(string $kind, int $seed): ?self
    {
        mt_srand($seed * 101 + crc32($kind) % 9973);
        [$parts, $true] = MadeUpHouse::of($kind);
        $fault = self::fault($kind, $parts);
        if ($fault === null) {
            return null;
        }
        $faults = in_array($kind, ['honest_sum', 'long_cable', 'overload'], true) ? [] : [$fault];
        $symptom = self::called($kind, $true, $faults, $seed);

        return $symptom === null ? null : new self($kind, $parts, $true, $faults, $symptom, $seed);
    }

    public function file(array $tests = []): House
    {
        return Build::house($this->house + ['symptom' => $this->symptom, 'tests' => $tests]);
    }

    public function simulation(): Simulation
    {
        return self::simulate($this->true, $this->faults, Draws::seeded($this->seed));
    }

    /** Whether a cause, as the answer writes it, is what is hidden. */
    public function is(array $cause): bool
    {
        if ($this->faults === []) {
            return $cause['explains'] === $this->kind;
        }
        if ($this->hangsOn !== null && ! $this->isDrawn($this->faults[0])) {
            return $cause['id'] === "beyond:{$this->hangsOn}";
        }
        $plain = fn(array $fault): array => match (true) {
            $fault['kind'] !== 'intermittent' => $fault,
            array_is_list($fault['of']) => $fault['of'][0],
            default => $fault['of'],
        };
        $mine = $plain($this->faults[0]);
        foreach (json_decode((string) json_encode($cause['faults']), true) as $fault) {
            $theirs = $plain($fault);
            $same = $theirs['kind'] === $mine['kind']
                && $theirs['at'] === $mine['at']
                && ($theirs['conductor'] ?? null) === ($mine['conductor'] ?? null)
                && ($theirs['hot'] ?? null) === ($mine['hot'] ?? null);
            if ($same && count($cause['faults']) === 1) {
                return true;
            }
        }

        return false;
    }

    private function isDrawn(array $fault): bool
    {
        $at = $fault['at'] ?? ($fault['of'][0] ?? $fault['of'])['at'];
        $drawn = fn(string $list): array => array_column($this->house[$list], 'id');

        return in_array($at['point'] ?? $at['cable'] ?? $at['appliance'] ?? $at['cord'] ?? $at['circuit'], [
            ...$drawn('points'), ...$drawn('cables'), ...$drawn('appliances'), ...$drawn('circuits'),
        ], true);
    }

    /** @param list<array<string, mixed>> $faults */
    private static function simulate(array $parts, array $faults, Draws $draws): Simulation
    {
        $house = Build::house($parts + ['faults' => $faults]);
        $read = FaultList::of($house);
        assert($read->wrong === [], implode('; ', array_map(strval(...), $read->wrong)));

        return new Simulation($house, $read->all, $draws);
    }

    /** @return list<array<string, mixed>> */
    private static function run(Simulation $simulation, array $parts, array ...$actions): array
    {
        $read = ActionList::of(Build::house($parts + ['actions' => $actions]));

        return array_map(fn(Action $action): array => $simulation->act($action)->toData(), $read->all);
    }

    /** @return array<string, mixed>|null */
    private static function fault(string $kind, array $parts): ?array
    {
        $any = fn(array $of): array => $of[mt_rand(0, count($of) - 1)];
        $points = array_values(array_filter($parts['points'], fn(array $p): bool => $p['id'][0] === 'k'));
        $cables = array_values(array_filter($parts['cables'], fn(array $c): bool => $c['id'][0] === 'w'));
        $devices = array_values(array_filter($points, fn(array $p): bool => $p['device'] !== 'standard'));
        $place = $devices !== [] ? ['point' => $any($devices)['id']] : ['circuit' => 'c1'];
        $point = ['point' => $any($points)['id']];
        $cable = ['cable' => $any($cables)['id']];
        $corded = array_values(array_filter($parts['appliances'], fn(array $a): bool => $a['extension']));
        $leak = (float) mt_rand(1500, 22000);
        $neutral = mt_rand(1, 30) / 10;
        $plain = fn(string $kind): array => match ($kind) {
            'leak' => [
                'kind' => 'leak',
                'at' => [$point, $cable, ['appliance' => $any($parts['appliances'])['id']]][mt_rand(0, 2)],
                'ohms' => $leak,
            ],
            'neutral_ground' => ['kind' => 'neutral_ground', 'at' => [$point, $cable][mt_rand(0, 1)], 'ohms' => $neutral],
            default => ['kind' => ['series_arc', 'parallel_arc'][mt_rand(0, 1)], 'at' => [$point, $cable][mt_rand(0, 1)]],
        };
        $fromDevice = array_values(
            array_filter(
                $cables,
                fn(array $c): bool => isset($c['from']['point']) && in_array($c['from']['point'], array_column($devices, 'id'), true),
            ),
        );

        return match ($kind) {
            'leak appliance' => ['kind' => 'leak', 'at' => ['appliance' => $any($parts['appliances'])['id']], 'ohms' => $leak],
            'leak cord' => $corded === [] ? null : ['kind' => 'leak', 'at' => ['cord' => $any($corded)['id']], 'ohms' => $leak],
            'leak point' => ['kind' => 'leak', 'at' => $point, 'ohms' => $leak],
            'leak cable' => ['kind' => 'leak', 'at' => $cable, 'ohms' => $leak],
            'neutral_ground point' => ['kind' => 'neutral_ground', 'at' => $point, 'ohms' => $neutral],
            'neutral_ground cable' => ['kind' => 'neutral_ground', 'at' => $cable, 'ohms' => $neutral],
            'open hot' => ['kind' => 'open', 'at' => $cable, 'conductor' => 'hot'],
            'open neutral' => ['kind' => 'open', 'at' => $cable, 'conductor' => 'neutral'],
            'open ground' => ['kind' => 'open', 'at' => $cable, 'conductor' => 'ground'],
            'open pigtail' => ['kind' => 'open', 'at' => $point, 'conductor' => 'ground'],
            'short' => [
                'kind' => 'short',
                'at' => [$point, $cable, ['appliance' => $any($parts['appliances'])['id']]][mt_rand(0, 2)],
                'ohms' => mt_rand(5, 50) / 100,
            ],
            'high_resistance' => [
                'kind' => 'high_resistance',
                'at' => $cable,
                'conductor' => ['hot', 'neutral'][mt_rand(0, 1)],
                'ohms' => mt_rand(20, 400) / 10,
            ],
            'swap', 'swap_hot_ground' => ['kind' => $kind, 'at' => $cable],
            'reversed_line_load' => $devices === [] ? null : ['kind' => $kind, 'at' => ['point' => $any($devices)['id']]],
            'land' => $fromDevice === []
                ? null
                : [
                    'kind' => 'land',
                    'at' => ['cable' => $any($fromDevice)['id'], 'end' => 'from'],
                ] + [['hot' => 'load', 'neutral' => 'line'], ['hot' => 'line', 'neutral' => 'load']][mt_rand(0, 1)],
            'bootleg' => ['kind' => 'bootleg', 'at' => $point],
            'borrowed_neutral' => [
                'kind' => 'borrowed_neutral',
                'at' => $point,
                'lender' => [
                    'point' => $any(array_values(array_filter($parts['points'], fn(array $p): bool => $p['id'][0] === 'm')))['id'],
                ],
            ],
            'dead_device', 'stuck_device' => ['kind' => $kind, 'at' => $place],
            'weak_device' => ['kind' => 'weak_device', 'at' => $place, 'trip_ma' => mt_rand(3, 20) / 10],
            'series_arc', 'parallel_arc' => ['kind' => $kind, 'at' => [$point, $cable][mt_rand(0, 1)]],
            'intermittent leak' => [
                'kind' => 'intermittent',
                'of' => [['ohms' => (float) mt_rand(1500, 15000)] + $plain('leak')],
                'chance' => mt_rand(20, 70) / 100,
            ],
            'intermittent neutral_ground' => [
                'kind' => 'intermittent',
                'of' => [$plain('neutral_ground')],
                'chance' => mt_rand(20, 70) / 100,
            ],
            'intermittent arc' => ['kind' => 'intermittent', 'of' => [$plain('arc')], 'chance' => mt_rand(20, 70) / 100],
            default => [],
        };
    }

    /** @return array<string, mixed>|null */
    private static function called(string $kind, array $parts, array $faults, int $seed): ?array
    {
        $now = self::simulate($parts, $faults, Draws::seeded($seed));
        $device = null;
        foreach ($parts['points'] as $point) {
            $device ??= $point['id'][0] === 'k' && $point['device'] !== 'standard' ? ['point' => $point['id']] : null;
        }
        $device ??= ['circuit' => 'c1'];
        $id = $device['point'] ?? $device['circuit'];
        if ($kind === 'stuck_device' || $kind === 'reversed_line_load') {
            return ['kind' => 'will_not_trip', 'at' => $faults[0]['at']['point'] ?? $faults[0]['at']['circuit'], 'when' => 'unknown'];
        }
        if ($kind === 'bootleg') {
            if (self::run($now, $parts, ['do' => 'tester_button', 'at' => ['point' => $faults[0]['at']['point']]])[0]['tripped'] !== []) {
                return null;
            }
            if (self::run(
                self::simulate($parts, [], Draws::exact()),
                $parts,
                ['do' => 'tester_button', 'at' => ['point' => $faults[0]['at']['point']]],
            )[0]['tripped'] === []) {
                return null;
            }
            return ['kind' => 'will_not_trip', 'at' => $faults[0]['at']['point'], 'when' => 'unknown'];
        }
        if (str_starts_with($kind, 'intermittent')) {
            foreach (array_unique([$id, 'c1']) as $one) {
                $at = $one[0] === 'c' ? ['circuit' => $one] : ['point' => $one];
                if (self::run($now, $parts, ['do' => 'trial', 'at' => $at, 'days' => 12])[0]['trips'] > 0) {
                    return ['kind' => 'trips', 'at' => $one, 'when' => 'random'];
                }
            }

            return null;
        }
        foreach (array_unique([$id, 'c1']) as $one) {
            $at = $one[0] === 'c' ? ['circuit' => $one] : ['point' => $one];
            [$shown, $reset] = self::run($now, $parts, ['do' => 'indicator', 'at' => $at], ['do' => 'reset', 'at' => $at]);
            if ($shown['shows'] === 'failed') {
                return ['kind' => 'will_not_reset', 'at' => $one, 'when' => 'unknown'];
            }
            if ($shown['shows'] === 'tripped') {
                return ['kind' => 'trips', 'at' => $one, 'when' => $reset['holds'] ? 'random' : 'at_once'];
            }
        }
        $load = self::run(
            $now,
            $parts,
            ...array_map(fn(array $a): array => ['do' => 'switch_on', 'appliance' => $a['id']], $parts['appliances']),
        );
        $tripped = array_merge(...array_column($load, 'tripped'));
        if ($tripped !== []) {
            return ['kind' => 'trips', 'at' => $tripped[0], 'when' => 'with_load'];
        }
        $now = self::simulate($parts, $faults, Draws::seeded($seed));
        if ($faults === [] && $kind !== 'overload') {
            return null;
        }
        $dead = self::run($now, $parts, ['do' => 'walk'])[0]['dead'];
        if ($dead !== []) {
            return ['kind' => 'dead', 'at' => $dead[mt_rand(0, count($dead) - 1)], 'when' => 'unknown'];
        }
        // A plug-in tester has the plug of 120 V.
        foreach (array_filter($parts['points'], fn(array $point): bool => ! isset($point['volts'])) as $point) {
            $lamps = self::run(
                self::simulate($parts, $faults, Draws::exact()),
                $parts,
                ['do' => 'tester', 'at' => ['point' => $point['id']]],
            )[0];
            if (array_values($lamps) !== [true, true, false]) {
                return ['kind' => 'reads_wrong', 'at' => $point['id'], 'when' => 'unknown'];
            }
        }
        if ($kind !== 'overload') {
            return null;
        }
        $waited = self::run(
            $now,
            $parts,
            ...array_map(fn(array $a): array => ['do' => 'switch_on', 'appliance' => $a['id']], $parts['appliances']),
            ...[['do' => 'wait', 'minutes' => 60]],
        );
        $opened = end($waited)['tripped'];

        return $opened === [] ? null : ['kind' => 'trips', 'at' => $opened[0], 'when' => 'with_load'];
    }
}
