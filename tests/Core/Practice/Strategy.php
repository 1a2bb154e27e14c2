<?php

declare(strict_types=1);

namespace Tests\Core\Practice;

use Bouclier\Core\Actions\Action;
use Bouclier\Core\Actions\Kinds;
use Bouclier\Core\Diagnose\Diagnosis;
use Bouclier\Core\House\Cable;
use Bouclier\Core\House\Point;
use Bouclier\Core\Practice\PracticeCase;
use Bouclier\Core\Practice\Visit;

/**
 * Ways of looking for a fault that go by a plan and not by what was read, but for whether a device holds. Each ends where the diagnosis of
 * what it read is settled, or where its plan does.
 */
final class Strategy
{
    public const NAMES = ['list', 'halves', 'upstream'];

    /** @var list<list<array<string, mixed>>> what is done, in its order: each the actions of one test */
    private array $plan = [];

    private readonly string $device;

    /** @var array<string, string> */
    private readonly array $at;

    private function __construct(private readonly PracticeCase $case, private readonly Visit $visit)
    {
        $called = $case->house->call->symptom->at ?? '';
        $device = null;
        foreach ($case->house->points as $point) {
            $device ??= $point->device->feedsThrough() ? $point->id : null;
        }
        $this->device = match (true) {
            $case->house->hasCircuit($called) => $called,
            $case->house->hasPoint($called) && $case->house->point($called)->device->feedsThrough() => $called,
            default => $device ?? $this->circuit(),
        };
        $this->at = $case->house->hasPoint($this->device) ? ['point' => $this->device] : ['circuit' => $this->device];
    }

    /** @return \Closure(Diagnosis, Visit): (non-empty-list<Action>|null) */
    public static function named(string $name, PracticeCase $case): \Closure
    {
        $strategy = new self($case, Visit::of($case));
        $strategy->{$name}();
        $plan = $strategy->plan;

        return function (Diagnosis $known, Visit $visit) use (&$plan): ?array {
            $next = $known->settled ? null : array_shift($plan);

            return $next === null ? null : array_map(Kinds::said(...), $next);
        };
    }

    /** @return \Closure(Diagnosis, Visit): (non-empty-list<Action>|null) anything worth its minutes, whichever: a learner of chance */
    public static function chance(int $seed): \Closure
    {
        mt_srand($seed);

        return fn(Diagnosis $known): ?array => $known->settled || $known->worth === []
            ? null
            : $known->worth[mt_rand(0, min(count($known->worth), 25) - 1)]->actions;
    }

    private function circuit(): string
    {
        $at = $this->case->house->call->symptom->at ?? '';

        return $this->case->house->hasCircuit($at)
            ? $at
            : $this->visit->feeds->feed($this->case->asItIs->point($at))->circuit->id ?? 'c1';
    }

    /** Reset; unplug all; plug in and run one at a time; open and look, from the device outward; lift LOAD; change the device. */
    private function list(): void
    {
        $reset = ['do' => 'reset', 'at' => $this->at];
        $this->plan[] = [$reset];
        $this->plan[] = [['do' => 'unplug_all', 'circuit' => $this->circuit()], $reset];
        foreach ($this->case->house->appliances as $thing) {
            $this->plan[] = [['do' => 'plug', 'appliance' => $thing->id], ['do' => 'switch_on', 'appliance' => $thing->id]];
            $this->plan[] = [$reset];
        }
        foreach ($this->outward() as $point) {
            $this->look($point);
        }
        foreach ($this->outward() as $point) {
            foreach ($this->visit->feeds->cablesOutOf($point) as $cable) {
                $this->plan[] = [['do' => 'lift', 'point' => $point->id, 'pair' => $cable->id, 'on' => false], $reset];
            }
        }
        $this->plan[] = [['do' => 'swap_device', 'at' => $this->at]];
        $this->slots();
    }

    /** What hangs on it is halved: the pair in the middle lifted, and reset; then each box there is looked into. */
    private function halves(): void
    {
        $reset = ['do' => 'reset', 'at' => $this->at];
        $this->plan[] = [['do' => 'unplug_all', 'circuit' => $this->circuit()], $reset];
        $order = $this->outward();
        foreach (self::middlesFirst(count($order)) as $place) {
            $cable = $this->visit->feeds->cablesOutOf($order[$place])[0] ?? null;
            if ($cable !== null) {
                $this->plan[] = [['do' => 'lift', 'point' => $order[$place]->id, 'pair' => $cable->id, 'on' => false], $reset];
            }
            $this->look($order[$place]);
        }
        $this->slots();
        $this->plan[] = [['do' => 'swap_device', 'at' => $this->at]];
    }

    /** From the panel outward: what each outlet reads, then each box, then each cable. */
    private function upstream(): void
    {
        $this->plan[] = [['do' => 'reset', 'at' => ['circuit' => $this->circuit()]]];
        $this->plan[] = [['do' => 'indicator', 'at' => $this->at]];
        $this->plan[] = [['do' => 'reset', 'at' => $this->at]];
        $this->slots();
        foreach ($this->outward() as $point) {
            $this->look($point);
        }
        foreach ($this->outward() as $point) {
            $cable = $this->visit->feeds->feed($point)->cable;
            if ($cable instanceof Cable) {
                $this->plan[] = [['do' => 'unplug_all', 'circuit' => $this->circuit()], ['do' => 'insulation', 'cable' => $cable->id]];
            }
        }
        $this->plan[] = [['do' => 'swap_device', 'at' => $this->at]];
    }

    private function slots(): void
    {
        foreach ($this->outward() as $point) {
            if ($point->isReceptacle()) {
                $at = ['point' => $point->id];
                $this->plan[] = [['do' => 'tester', 'at' => $at]];
                $this->plan[] = [['do' => 'volts', 'at' => $at, 'between' => 'hn', 'low_z' => true]];
                $this->plan[] = [['do' => 'volts', 'at' => $at, 'between' => 'ng', 'low_z' => true]];
            }
        }
        $this->plan[] = [['do' => 'press_test', 'at' => $this->at]];
    }

    private function look(Point $point): void
    {
        $this->plan[] = [['do' => 'inspect', 'at' => ['point' => $point->id]]];
    }

    /** @return list<Point> of the circuit, in the order they are fed */
    private function outward(): array
    {
        return $this->visit->feeds->pointsOn($this->case->asItIs->circuit($this->circuit()));
    }

    /** @return list<int> the middle, then the middles of both halves, and so on */
    private static function middlesFirst(int $count): array
    {
        $order = [];
        $parts = [[0, $count]];
        while ($parts !== []) {
            [$from, $to] = array_shift($parts);
            if ($from < $to) {
                $middle = intdiv($from + $to, 2);
                $order[] = $middle;
                array_push($parts, [$from, $middle], [$middle + 1, $to]);
            }
        }

        return $order;
    }
}
