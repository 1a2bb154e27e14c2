<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Condition;
use Bouclier\Core\Network\Conductor;
use Bouclier\Core\Network\Doing;
use Bouclier\Core\Network\Draws;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\FaultKind;
use Bouclier\Core\Network\Grid;
use Bouclier\Core\Network\Looks;
use Bouclier\Core\Network\PlugInTester;
use Bouclier\Core\Network\Strand;
use Bouclier\Core\Network\Tripping;

/** One cause at one severity, followed through everything that was done: how likely each reading was, and how the house then stands. */
final class Replay
{
    /** How likely a reading is that the cause does not allow: somebody misread, or a second thing is wrong. */
    private const SLIP = 0.02;

    private const MISREAD = 0.01;

    public Condition $condition;

    /** @var list<float> of each test, as a logarithm */
    public array $each = [];

    /** @param list<Fault> $faults */
    public function __construct(
        private readonly Foresight $foresight,
        private readonly array $faults,
        private readonly float $chance,
        private readonly float $leakScale,
        private readonly Looks $looks,
    ) {
        $this->condition = Condition::of($foresight->house);
        foreach ($faults as $fault) {
            if ($fault->kind === FaultKind::DeadDevice) {
                $this->condition->open[$fault->at->device() ?? ''] = true;
            }
        }
        $this->settle();
    }

    public static function of(Foresight $foresight, Hypothesis $hypothesis, int $variant): self
    {
        return new self($foresight, $hypothesis->variants[$variant], $hypothesis->chance, $hypothesis->leakScale, new Looks($foresight->house, Draws::exact()));
    }

    public function __clone()
    {
        $this->condition = clone $this->condition;
    }

    /** @return float how likely the reading was, as a logarithm */
    public function take(Test $test): float
    {
        return $this->each[] = log(max(1e-6, $this->likelihood($test->action, $test->reading)));
    }

    /** What is done, without a reading. */
    public function prepare(Action $action): void
    {
        if (Doing::on($this->condition, $action, $this->foresight->feeds)) {
            $this->wearOpen();
            $this->settle();
        }
    }

    /** @return array<string, float> what an action may show, and how likely each is; the names are the same for all causes */
    public function outcomes(Action $action): array
    {
        $then = clone $this;
        $energises = Doing::on($then->condition, $action, $this->foresight->feeds);
        $then->wearOpen();
        $device = $action->at->device() ?? '';
        $either = fn(string $yes, string $no, float $chance): array => [$yes => $chance, $no => 1.0 - $chance];
        switch ($action->kind) {
            case ActionKind::Reset:
            case ActionKind::SwapDevice:
                $worn = $action->kind === ActionKind::SwapDevice ? array_values(array_filter($this->faults, fn(Fault $fault): bool => $fault->at->device() !== $device || ! self::isWorn($fault))) : $this->faults;
                if ($this->foresight->house->hasPoint($device) && $then->view()->lineVolts($device) < Tripping::LIVE_VOLTS) {
                    return ['no_power' => 1.0];
                }
                if ($this->isDead($device, $worn)) {
                    return ['holds' => self::SLIP, 'trips' => 1.0 - self::SLIP];
                }
                unset($then->condition->open[$device]);

                return $either('trips', 'holds', self::soft($then->any($worn)));
            case ActionKind::TesterButton:
                $then->condition->button = [$action->at->point ?? '', Tripping::BUTTON_OHMS];

                return $either('trips', 'holds', self::soft($then->any($this->faults)));
            case ActionKind::PressTest:
                $stuck = array_filter($this->faults, fn(Fault $fault): bool => $fault->kind === FaultKind::StuckDevice && $fault->at->device() === $device) !== [];

                return $either('trips', 'holds', self::soft($stuck || isset($then->condition->open[$device]) || ! $then->hasPower($device) ? 0.0 : 1.0));
            case ActionKind::Tester:
                $lamps = $this->lamps($action->at->point ?? '');

                return ['lamps ' . implode('', array_map(fn(bool $lit): string => $lit ? '1' : '0', $lamps)) => 0.97, 'other' => 0.03];
            case ActionKind::Volts:
                $volts = $this->volts($action);

                return [match (true) {
                    $volts < 15.0 => 'none',
                    $volts < 105.0 => 'low',
                    default => 'line',
                } => 0.97, 'other' => 0.03];
            case ActionKind::Clamp:
                $ma = $this->clamped($action->at->cable ?? '')[0];

                return [match (true) {
                    $ma < 1.5 => 'little',
                    $ma < 20.0 => 'some',
                    default => 'much',
                } => 0.9, 'other' => 0.1];
            case ActionKind::Insulation:
                [$hot, $neutral] = $this->insulation($action->at->cable ?? '');

                return [($hot === null ? 'good' : 'hot') . ($neutral === null ? '' : ' neutral') => 0.97, 'other' => 0.03];
            case ActionKind::Inspect:
                $clean = array_product(array_map(fn(float $chance): float => 1.0 - max(Looks::NOTHING, $chance), $this->looks->chances($action->at, $this->faults)));

                return $either('something', 'nothing', 1.0 - $clean);
            case ActionKind::Indicator:
                return [$then->indicator($device) => 0.97, 'other' => 0.03];
            case ActionKind::Wait:
            case ActionKind::Trial:
                $each = $then->any($this->faults);
                $times = $action->kind === ActionKind::Wait ? (int) ($action->minutes / 10.0) : $action->days;

                return $either('trips', 'holds', self::soft(max(1.0 - (1.0 - $each) ** $times, $this->overloads($then->condition) ? 0.9 : 0.0)));
            default:
                return $energises ? $either('trips', 'holds', self::soft($then->any($this->faults))) : ['done' => 1.0];
        }
    }

    private function likelihood(Action $action, \stdClass $reading): float
    {
        $device = $action->at->device() ?? '';
        $tripped = is_array($reading->tripped ?? null) ? array_values(array_filter($reading->tripped, is_string(...))) : [];
        switch ($action->kind) {
            case ActionKind::Tester:
                $lamps = $this->lamps($action->at->point ?? '');
                $wrong = array_filter([$lamps[0] !== ($reading->hn ?? null), $lamps[1] !== ($reading->hg ?? null), $lamps[2] !== ($reading->ng ?? null)]);

                return self::MISREAD ** count($wrong) * (1.0 - self::MISREAD) ** (3 - count($wrong));
            case ActionKind::Volts:
                return self::bell(self::number($reading, 'volts'), $this->volts($action), 0.005, 0.5);
            case ActionKind::Clamp:
                [$ma, $hot, $neutral] = $this->clamped($action->at->cable ?? '');

                return self::bell(self::number($reading, 'ma'), $ma, 0.02, 0.1) * self::bell(self::number($reading, 'hot_ma'), $hot, 0.02, 0.1) * self::bell(self::number($reading, 'neutral_ma'), $neutral, 0.02, 0.1);
            case ActionKind::NonContact:
                return 0.5;
            case ActionKind::Inspect:
                $seen = is_array($reading->seen ?? null) ? $reading->seen : [];
                $product = 1.0;
                foreach ($this->looks->chances($action->at, $this->faults) as $item => $chance) {
                    $chance = max(Looks::NOTHING, $chance);
                    $product *= in_array($item, $seen, true) ? $chance : 1.0 - $chance;
                }

                return $product;
            case ActionKind::Tighten:
                $loose = array_filter($this->looks->chances($action->at, $this->faults), fn(float $chance, string $item): bool => $item === 'loose' && $chance > 0.0, ARRAY_FILTER_USE_BOTH) !== [];
                $moves = $loose ? 0.8 : 0.1;

                return ($reading->moved ?? false) === true ? $moves : 1.0 - $moves;
            case ActionKind::Insulation:
                if (isset($reading->refused)) {
                    return 1.0;
                }
                $measured = $this->insulation($action->at->cable ?? '');

                return self::agree($reading->hg_ohms ?? null, $measured[0]) * self::agree($reading->ng_ohms ?? null, $measured[1]);
            case ActionKind::Indicator:
                return ($reading->shows ?? null) === $this->indicator($device) ? 0.97 : self::SLIP;
            case ActionKind::Walk:
                return $this->walked($reading);
            case ActionKind::Residual:
                return self::bell(self::number($reading, 'ma'), 1000.0 * $this->view()->grid->residual($device, $this->view()->solution), 0.05, 0.1);
            case ActionKind::Trial:
                $days = max(1, $action->days);
                $trips = min($days, (int) self::number($reading, 'trips'));
                $each = self::soft($this->any($this->faults));

                return $each ** $trips * (1.0 - $each) ** ($days - $trips);
            default:
                return $this->done($action, $reading, $device, $tripped);
        }
    }

    /**
     * What is done and may open something.
     *
     * @param list<string> $tripped
     */
    private function done(Action $action, \stdClass $reading, string $device, array $tripped): float
    {
        $wasOpen = isset($this->condition->open[$device]);
        Doing::on($this->condition, $action, $this->foresight->feeds);
        $this->wearOpen();
        if ($action->kind === ActionKind::Reset || $action->kind === ActionKind::SwapDevice) {
            return $this->closed($action, $reading, $device, $tripped, $wasOpen);
        }
        if ($action->kind === ActionKind::PressTest) {
            $opens = $this->outcomes($action)['trips'] ?? 0.0;
            $did = in_array($device, $tripped, true);
            $this->force($tripped, []);

            return ($did ? $opens : 1.0 - $opens) * $this->walked($reading);
        }
        if ($action->kind === ActionKind::TesterButton) {
            $this->condition->button = [$action->at->point ?? '', Tripping::BUTTON_OHMS];
        }
        $times = $action->kind === ActionKind::Wait ? max(1, (int) ($action->minutes / 10.0)) : 1;
        $likelihood = $this->opened($tripped, $times, $action->kind === ActionKind::Wait && $this->overloads($this->condition));
        $this->condition->button = null;
        $this->force($tripped, []);

        return $action->kind === ActionKind::Lift ? $likelihood * $this->walked($reading) : $likelihood;
    }

    /** @param list<string> $tripped */
    private function closed(Action $action, \stdClass $reading, string $device, array $tripped, bool $wasOpen): float
    {
        $holds = ($reading->holds ?? false) === true;
        $worn = $action->kind === ActionKind::SwapDevice ? array_values(array_filter($this->faults, fn(Fault $fault): bool => $fault->at->device() !== $device || ! self::isWorn($fault))) : $this->faults;
        $hasPower = $this->hasPower($device);
        if (($reading->no_power ?? false) === true) {
            return $hasPower ? self::SLIP : 1.0;
        }
        if (! $hasPower) {
            return self::SLIP;
        }
        if ($this->isDead($device, $worn)) {
            $this->condition->open[$device] = true;

            return $holds ? self::SLIP : ($tripped === [] ? 1.0 : self::SLIP);
        }
        unset($this->condition->open[$device]);
        if (! $wasOpen && $holds) {
            return 0.9;
        }
        $trips = self::soft($this->any($worn, $device));
        $this->force($tripped, $holds ? [$device] : []);
        if (! $holds) {
            $this->condition->open[$device] = true;
        }

        return $holds ? 1.0 - $trips : ($tripped === [] ? self::SLIP : $trips);
    }

    /** @param list<string> $tripped */
    private function opened(array $tripped, int $times, bool $overloads): float
    {
        $active = $this->foresight->trips($this->condition, $this->faults, $this->leakScale);
        $quiet = $this->chance < 1.0 ? $this->foresight->trips($this->condition, []) : $active;
        $likelihood = 1.0;
        foreach (array_unique([...array_map(strval(...), array_keys($active)), ...array_map(strval(...), array_keys($quiet)), ...$tripped]) as $id) {
            $each = $this->chance * ($active[$id] ?? 0.0) + (1.0 - $this->chance) * ($quiet[$id] ?? 0.0);
            $all = self::soft(max(1.0 - (1.0 - $each) ** $times, $overloads ? 0.9 : 0.0));
            $likelihood *= in_array($id, $tripped, true) ? $all : 1.0 - $all;
        }

        return $likelihood;
    }

    private function walked(\stdClass $reading): float
    {
        $likelihood = 1.0;
        $view = $this->view();
        foreach (['dead' => false, 'live' => true] as $list => $isLive) {
            foreach (is_array($reading->{$list} ?? null) ? $reading->{$list} : [] as $point) {
                if (is_string($point) && isset($view->grid->faces[$point])) {
                    $likelihood *= ($view->faceVolts($point) >= Tripping::LIVE_VOLTS) === $isLive ? 0.995 : self::SLIP;
                }
            }
        }

        return $likelihood;
    }

    /** @return array{bool, bool, bool} */
    private function lamps(string $point): array
    {
        $view = $this->view();
        $lamps = PlugInTester::at($view->solution, ...$view->grid->faces[$point]);

        return [$lamps->hn, $lamps->hg, $lamps->ng];
    }

    private function volts(Action $action): float
    {
        $view = $this->view();
        $strands = $action->at->cable === null ? null : $view->grid->cables[$action->at->cable];
        $end = fn(Strand $strand): int => $action->at->atFrom ? $strand->terminal : $strand->far;
        $ends = $strands === null
            ? $view->grid->faces[$action->at->point ?? '']
            : [$end($strands['hot']), $end($strands['neutral']), isset($strands['ground']) ? $end($strands['ground']) : 0];
        [$one, $other] = match ($action->between) {
            'hg' => [$ends[0], $ends[2]],
            'ng' => [$ends[1], $ends[2]],
            default => [$ends[0], $ends[1]],
        };

        return $view->solution->with($one, $other, $action->lowZ ? 1.0 / 3e3 : 1.0 / 10e6)->between($one, $other);
    }

    /** @return array{float, float, float} milliamperes: together, hot, neutral */
    private function clamped(string $cable): array
    {
        $view = $this->view();
        $strands = $view->grid->cables[$cable];
        $hot = $view->grid->through($strands['hot'], $view->solution);
        $neutral = $view->grid->through($strands['neutral'], $view->solution);

        return [1000.0 * hypot($hot[0] + $neutral[0], $hot[1] + $neutral[1]), 1000.0 * hypot(...$hot), 1000.0 * hypot(...$neutral)];
    }

    /** @return array{float|null, float|null} ohms hot to ground and neutral to ground in a cable by itself */
    private function insulation(string $cable): array
    {
        $ohms = [null, null];
        foreach ($this->faults as $fault) {
            if ($fault->at->cable === $cable && $fault->kind === FaultKind::Leak) {
                $ohms[0] = $fault->ohms;
            }
            if ($fault->at->cable === $cable && $fault->kind === FaultKind::NeutralGround) {
                $ohms[1] = $fault->ohms;
            }
        }

        return $ohms;
    }

    private function indicator(string $device): string
    {
        return match (true) {
            ! $this->hasPower($device) => 'nothing',
            $this->isDead($device, $this->faults) => 'failed',
            isset($this->condition->open[$device]) => 'tripped',
            default => 'power',
        };
    }

    private function hasPower(string $device): bool
    {
        return $this->foresight->house->hasPoint($device) ? $this->view()->lineVolts($device) >= Tripping::LIVE_VOLTS : ($this->condition->off[$device] ?? false) === false;
    }

    private function overloads(Condition $condition): bool
    {
        $view = $this->foresight->view($condition, $this->faults);
        foreach ($this->foresight->house->circuits as $circuit) {
            foreach ($view->grid->poles[$circuit->id] ?? [] as $pole) {
                if (hypot(...$view->solution->current($pole)) > Tripping::THERMAL * $circuit->amps) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * The chance that anything opens now, or one device.
     *
     * @param list<Fault> $faults
     */
    private function any(array $faults, ?string $device = null): float
    {
        $active = $this->foresight->trips($this->condition, $faults, $this->leakScale);
        $quiet = $this->chance < 1.0 ? $this->foresight->trips($this->condition, []) : $active;

        return $this->chance * self::most($active, $device) + (1.0 - $this->chance) * self::most($quiet, $device);
    }

    /** @param array<float> $chances by device */
    private static function most(array $chances, ?string $device): float
    {
        return $chances[$device ?? ''] ?? max([0.0, ...array_values($chances)]);
    }

    /** How well the cause fits the call. */
    public function fits(Symptom $symptom): float
    {
        foreach ($symptom->running as $appliance) {
            $this->condition->running[$appliance] = true;
        }
        $house = $this->foresight->house;
        $isPoint = $house->hasPoint($symptom->at);
        switch ($symptom->kind) {
            case SymptomKind::Trips:
                $closed = clone $this;
                $closed->condition->open = [];
                $closed->wearOpen();
                $active = self::most($this->foresight->trips($closed->condition, $this->faults, $this->leakScale), null);
                $always = $this->chance >= 1.0;

                return self::soft($active * ($symptom->isNowAndThen() ? ($always ? 0.3 : 0.9) : ($always ? 0.9 : 0.35)));
            case SymptomKind::WillNotReset:
                $closed = clone $this;
                unset($closed->condition->open[$symptom->at]);

                return self::soft($this->isDead($symptom->at, $this->faults) || ! $this->hasPower($symptom->at) ? 0.95 : $closed->any($this->faults, $symptom->at));
            case SymptomKind::WillNotTrip:
                $stuck = array_filter($this->faults, fn(Fault $fault): bool => in_array($fault->kind, [FaultKind::StuckDevice, FaultKind::ReversedLineLoad], true) && $fault->at->device() === $symptom->at) !== [];
                $noGround = array_filter($this->faults, fn(Fault $fault): bool => $fault->kind === FaultKind::Open && $fault->conductor === Conductor::Ground) !== [];

                return $stuck ? 0.95 : ($noGround ? 0.3 : self::SLIP);
            case SymptomKind::ReadsWrong:
                return $isPoint && $this->lamps($symptom->at) !== [true, true, false] ? 0.95 : self::SLIP;
            case SymptomKind::Shock:
                $view = $this->view();

                return $isPoint && $view->solution->between($view->grid->faces[$symptom->at][2], Grid::REFERENCE) > 15.0 ? 0.9 : self::SLIP;
            case SymptomKind::Overload:
                return $this->overloads($this->condition) ? 0.9 : self::SLIP;
            default:
                return $isPoint && $this->view()->faceVolts($symptom->at) < Tripping::LIVE_VOLTS ? 0.95 : self::SLIP;
        }
    }

    private function view(): View
    {
        return $this->foresight->view($this->condition, $this->chance < 1.0 ? [] : $this->faults);
    }

    /** @param list<Fault> $faults */
    private function isDead(string $device, array $faults): bool
    {
        return array_filter($faults, fn(Fault $fault): bool => $fault->kind === FaultKind::DeadDevice && $fault->at->device() === $device) !== [];
    }

    private static function isWorn(Fault $fault): bool
    {
        return in_array($fault->kind, [FaultKind::DeadDevice, FaultKind::WeakDevice, FaultKind::StuckDevice], true);
    }

    /** What wears out stays open. */
    private function wearOpen(): void
    {
        foreach ($this->faults as $fault) {
            if ($fault->kind === FaultKind::DeadDevice) {
                $this->condition->open[$fault->at->device() ?? ''] = true;
            }
        }
    }

    /** As the house would stand by itself: what more likely opens than not is open. */
    private function settle(): void
    {
        if ($this->chance < 1.0) {
            return;
        }
        for ($round = 0; $round < 4; ++$round) {
            $opens = array_keys(array_filter($this->foresight->trips($this->condition, $this->faults, $this->leakScale), fn(float $chance): bool => $chance >= 0.5));
            if ($opens === []) {
                return;
            }
            $this->force(array_map(strval(...), $opens), []);
        }
    }

    /**
     * As it was seen, whatever the cause would have it.
     *
     * @param list<string> $open
     * @param list<string> $closed
     */
    private function force(array $open, array $closed): void
    {
        foreach ($open as $id) {
            $this->condition->open[$id] = true;
        }
        foreach ($closed as $id) {
            unset($this->condition->open[$id]);
        }
    }

    private static function soft(float $chance): float
    {
        return max(self::SLIP, min(1.0 - self::SLIP, $chance));
    }

    private static function number(\stdClass $reading, string $key): float
    {
        return is_numeric($reading->{$key} ?? null) ? (float) $reading->{$key} : 0.0;
    }

    /** A reading beside what it should be, a part and a fixed amount one standard deviation each, beside any reading at all. */
    private static function bell(float $read, float $true, float $part, float $fixed): float
    {
        $deviation = $part * abs($true) + $fixed;

        return 0.001 + exp(-0.5 * (($read - $true) / $deviation) ** 2) / $deviation;
    }

    private static function agree(mixed $read, ?float $true): float
    {
        if (! is_numeric($read) || $true === null) {
            return is_numeric($read) === ($true !== null) ? 0.97 : self::SLIP;
        }

        return abs(log((float) $read / $true)) < 2.5 ? 0.97 : self::SLIP;
    }
}
