<?php

declare(strict_types=1);

namespace Bouclier\Core\Diagnose;

use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\Network\Action;
use Bouclier\Core\Network\ActionKind;
use Bouclier\Core\Network\Fault;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Instruments;
use Bouclier\Core\Network\Looks;
use Bouclier\Core\Network\Noise;
use Bouclier\Core\Network\Tripping;

/** How likely an instrument, or a look, shows something under a cause: what was read, and what may be read. Nothing is changed by any of them. */
final readonly class MeterReadings
{
    /** How likely a reading is that the cause does not allow: somebody misread, or a second thing is wrong. */
    public const SLIP = 0.01;

    /** The same for a cable measured by itself: there is little to misread. */
    private const CABLE_SLIP = 0.003;

    /** Part of what a cause adds to a reading that its severity, which is not known, may make of it. */
    private const SEVERITY = 0.25;

    /** How likely what is read is under a cause nobody thought of; and over how many volts a meter may then read. */
    private const ANYTHING = 0.1;
    private const ANY_VOLTS = 40.0;

    /** Widths of what is told apart when a test is chosen, before it is read: volts, and steps of a factor in milliamperes. */
    private const VOLTS_APART = 4.0;
    private const FACTOR_APART = 1.6;

    /** Milliamperes below which hardly anything is told apart. */
    private const MA_APART = 0.5;

    public function __construct(private Foresight $foresight)
    {
    }

    public static function reads(ActionKind $kind): bool
    {
        return in_array($kind, [ActionKind::Tester, ActionKind::Volts, ActionKind::NonContact, ActionKind::Clamp, ActionKind::Insulation, ActionKind::Inspect, ActionKind::Tighten, ActionKind::Walk, ActionKind::Residual], true);
    }

    /**
     * @param list<Fault> $faults what there is to be found
     * @param HouseGrid|null $without the network without the cause, where its severity is not known: what the cause adds may be more, or less
     */
    public function likelihood(HouseGrid $grid, Action $action, \stdClass $reading, array $faults, ?HouseGrid $without): float
    {
        switch ($action->kind) {
            case ActionKind::Tester:
                $likelihood = 1.0;
                foreach ($this->lamps($grid, $action) as $lamp => $lit) {
                    $likelihood *= ($reading->{$lamp} ?? null) === $lit ? 1.0 - Noise::MISREAD : Noise::MISREAD;
                }

                return $likelihood;
            case ActionKind::Volts:
                $volts = fn(HouseGrid $in): float => $this->foresight->instruments->volts($in, $action);
                $true = $volts($grid);

                return self::volts(self::number($reading, 'volts'), $true, Noise::volts($true) + self::spread($true, $without === null ? $true : $volts($without)));
            case ActionKind::NonContact:
                return ($reading->glows ?? null) === $this->foresight->instruments->glows($grid, $action) ? 0.9 : 0.1;
            case ActionKind::Clamp:
                $likelihood = 1.0;
                $before = $without === null ? [] : $this->foresight->instruments->clamp($without, $action->at->cable ?? '');
                foreach ($this->foresight->instruments->clamp($grid, $action->at->cable ?? '') as $key => $ma) {
                    $likelihood *= isset($reading->{$key}) ? self::milliamperes(self::number($reading, $key), $ma, self::spread($ma, $before[$key] ?? $ma)) : 1.0;
                }

                return $likelihood;
            case ActionKind::Residual:
                $ma = fn(HouseGrid $in): float => 1000.0 * $in->residual($action->at->device() ?? '');

                return self::milliamperes(self::number($reading, 'ma'), $ma($grid), self::spread($ma($grid), $ma($without ?? $grid)));
            case ActionKind::Insulation:
                if (isset($reading->refused)) {
                    return 1.0;
                }
                $true = Instruments::insulation($faults, $action->at->cable ?? '');

                return self::agree($reading->hg_ohms ?? null, $true['hg_ohms']) * self::agree($reading->ng_ohms ?? null, $true['ng_ohms']);
            case ActionKind::Inspect:
                $seen = is_array($reading->seen ?? null) ? $reading->seen : [];
                $likelihood = 1.0;
                foreach ($this->foresight->looks->chances($action->at, $faults) as $item => $chance) {
                    $chance = max(Looks::NOTHING, $chance);
                    $likelihood *= in_array($item, $seen, true) ? $chance : 1.0 - $chance;
                }

                return $likelihood;
            case ActionKind::Tighten:
                $moves = $this->foresight->looks->movesChance($action->at, $faults);

                return ($reading->moved ?? false) === true ? $moves : 1.0 - $moves;
            default:
                return $this->walked($grid, $reading, false);
        }
    }

    /**
     * What it may show, before it is done; the names are the same for all causes.
     *
     * @param list<Fault> $faults
     *
     * @return array<string, float> chances by what is shown
     */
    public function shows(HouseGrid $grid, Action $action, array $faults): array
    {
        switch ($action->kind) {
            case ActionKind::Tester:
                $lamps = implode('', array_map(fn(bool $lit): string => $lit ? '1' : '0', $this->lamps($grid, $action)));

                return ["lamps $lamps" => 0.97, 'other' => 0.03];
            case ActionKind::Volts:
                return self::between('volts', $this->foresight->instruments->volts($grid, $action) / self::VOLTS_APART);
            case ActionKind::NonContact:
                return $this->foresight->instruments->glows($grid, $action) ? ['glows' => 0.9, 'dark' => 0.1] : ['glows' => 0.1, 'dark' => 0.9];
            case ActionKind::Clamp:
                return self::between('ma', self::stepOf($this->foresight->instruments->clamp($grid, $action->at->cable ?? '')['ma']));
            case ActionKind::Residual:
                return self::between('ma', self::stepOf(1000.0 * $grid->residual($action->at->device() ?? '')));
            case ActionKind::Insulation:
                $true = Instruments::insulation($faults, $action->at->cable ?? '');

                return [match (true) {
                    $true['hg_ohms'] !== null => 'hot leaks',
                    $true['ng_ohms'] !== null => 'neutral leaks',
                    default => 'over range',
                } => 0.98, 'other' => 0.02];
            case ActionKind::Inspect:
                $shown = [];
                $left = 1.0;
                foreach ($this->foresight->looks->chances($action->at, $faults) as $item => $chance) {
                    $shown["seen $item"] = $left * max(Looks::NOTHING, $chance);
                    $left -= $shown["seen $item"];
                }

                return [...$shown, 'nothing' => $left];
            case ActionKind::Tighten:
                $moves = $this->foresight->looks->movesChance($action->at, $faults);

                return ['moved' => $moves, 'firm' => 1.0 - $moves];
            default:
                $dead = [];
                foreach (array_keys($grid->faces) as $point) {
                    if ($grid->faceVolts((string) $point) < Tripping::LIVE_VOLTS) {
                        $dead[] = $point;
                    }
                }

                return ['dead ' . implode(',', $dead) => 0.98, 'other' => 0.02];
        }
    }

    /** @param bool $isWhole whether what is not said to be dead is live */
    public function walked(HouseGrid $grid, \stdClass $reading, bool $isWhole): float
    {
        $said = [];
        foreach (['dead' => true, 'live' => false] as $list => $isDead) {
            foreach (is_array($reading->{$list} ?? null) ? $reading->{$list} : [] as $point) {
                $said[is_string($point) ? $point : ''] = $isDead;
            }
        }
        $wrong = 0;
        foreach (array_keys($grid->faces) as $point) {
            $isDead = $said[$point] ?? ($isWhole ? false : null);
            $wrong += $isDead !== null && ($grid->faceVolts((string) $point) < Tripping::LIVE_VOLTS) !== $isDead ? 1 : 0;
        }

        // Points that do not fit have one reason more often than each its own.
        return $wrong === 0 ? 1.0 : self::SLIP / $wrong;
    }

    public static function has(\stdClass $reading, string $list): bool
    {
        return is_array($reading->{$list} ?? null);
    }

    /** How likely a reading is when nothing is known of what it should be. */
    public static function anything(Action $action, \stdClass $reading): float
    {
        if (get_object_vars($reading) === []) {
            return 1.0;
        }

        return match ($action->kind) {
            ActionKind::Volts => self::flat(Noise::VOLTS_FIXED, self::ANY_VOLTS),
            ActionKind::Clamp => array_product(array_map(fn(mixed $ma): float => is_numeric($ma) ? self::flat(Noise::MA_FIXED, self::anyMilliamperes((float) $ma)) : 1.0, array_intersect_key(get_object_vars($reading), ['ma' => 0, 'hot_ma' => 0, 'neutral_ma' => 0]))),
            ActionKind::Residual => self::flat(Noise::MA_FIXED, self::anyMilliamperes(self::number($reading, 'ma'))),
            default => self::ANYTHING,
        };
    }

    /** How far the severity of a cause may move what is read with it, beside what is read without it. */
    public static function spread(float $with, float $without): float
    {
        return self::SEVERITY * abs($with - $without);
    }

    /** @param float $spread milliamperes it may be off beside the noise of the meter */
    public static function milliamperes(float $read, float $true, float $spread): float
    {
        return self::bell($read, $true, Noise::milliamperes($true) + $spread, Noise::MA_FIXED, self::anyMilliamperes($read));
    }

    private static function volts(float $read, float $true, float $deviation): float
    {
        return self::bell($read, $true, $deviation, Noise::VOLTS_FIXED, self::ANY_VOLTS);
    }

    /** A reading beside what it should be, with how far it may be off, in units of the finest step of its meter; and, seldom, anything. */
    private static function bell(float $read, float $true, float $deviation, float $step, float $any): float
    {
        $off = ($read - $true) / $deviation;

        return (1.0 - self::SLIP) * 0.4 * $step * Arithmetic::exp(-0.5 * $off * $off) / $deviation + self::SLIP * self::flat($step, $any);
    }

    private static function flat(float $step, float $over): float
    {
        return 0.4 * $step / $over;
    }

    private static function anyMilliamperes(float $read): float
    {
        return 0.5 + 0.7 * $read;
    }

    public static function number(\stdClass $reading, string $key): float
    {
        return is_numeric($reading->{$key} ?? null) ? (float) $reading->{$key} : 0.0;
    }

    /** @return array<string, bool> */
    private function lamps(HouseGrid $grid, Action $action): array
    {
        $lamps = $this->foresight->instruments->lamps($grid, $action->at->point ?? '');

        return ['hn' => $lamps->hn, 'hg' => $lamps->hg, 'ng' => $lamps->ng];
    }

    /** Volts a step of what {@see shows()} names stands for. */
    public static function voltsShown(int $step): float
    {
        return $step * self::VOLTS_APART;
    }

    /** Milliamperes a step of what {@see shows()} names stands for. */
    public static function milliamperesShown(int $step): float
    {
        return self::MA_APART * (Arithmetic::wholePower(self::FACTOR_APART, $step) - 1.0);
    }

    private static function stepOf(float $milliamperes): float
    {
        return Arithmetic::log(1.0 + $milliamperes / self::MA_APART) / Arithmetic::log(self::FACTOR_APART);
    }

    /** @return array<string, float> a value shared out between the two steps it lies between */
    private static function between(string $name, float $steps): array
    {
        $below = (int) floor($steps);

        return ["$name $below" => 1.0 - ($steps - $below), "$name " . ($below + 1) => $steps - $below];
    }

    private static function agree(mixed $read, ?float $true): float
    {
        if (! is_numeric($read) || $true === null) {
            return is_numeric($read) === ($true !== null) ? 1.0 - self::CABLE_SLIP : self::CABLE_SLIP;
        }

        return abs(Arithmetic::log((float) $read / $true)) < 2.5 ? 1.0 - self::CABLE_SLIP : self::CABLE_SLIP;
    }
}
