<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Places;

/** A device closed: it holds, trips, will not stay in, or has no power to be closed on. */
abstract readonly class Closing extends Action
{
    final public static function places(): array
    {
        return ['at' => ['point', 'circuit']];
    }

    final public static function reads(): array
    {
        return [Field::flag('holds'), Field::ids('tripped'), Field::flag('no_power')];
    }

    final public function passed(): array
    {
        return ['holds' => true, 'tripped' => [], 'no_power' => false];
    }

    final public function energises(): bool
    {
        return true;
    }

    final protected function device(): string
    {
        return $this->at->device() ?? '';
    }

    /** Whether one that is closed already stays as it is, so that nothing opens by it. */
    abstract protected function leavesClosed(): bool;

    final public function read(Following $following, World $world, Reading $reading): array
    {
        $device = $this->device();
        $tripped = $following->protectors($reading->tripped());
        $holds = $reading->flag('holds') === true;
        $hasPower = $following->hasPower($world, $device);
        if ($reading->flag('no_power') === true || ! $hasPower) {
            $world->weight *= ($reading->flag('no_power') ?? ! $holds) === ! $hasPower ? 1.0 : Likelihood::SLIP;

            return [$world];
        }
        if ($this->leavesClosed() && ! $world->isOpen($device) && $tripped === []) {
            $world->weight *= $holds ? 1.0 : Likelihood::SLIP;
            if (! $holds) {
                $world->opens($device);
            }

            return [$world];
        }
        if ($following->isDead($device)) {
            $world->opens($device);
            $world->weight *= ! $holds && $tripped === [] ? 1.0 : Likelihood::SLIP;

            return [$world];
        }
        $world->closes($device);
        $after = $following->drawn($world);
        foreach ($after as $then) {
            if (! $holds && $tripped === []) {
                $then->weight *= Likelihood::SLIP;
                $then->opens($device);
            } else {
                $following->observe($then, $tripped);
            }
        }

        return $after;
    }

    final public function leadsTo(Following $following, World $world, ?array $open = null): array
    {
        if (! $following->hasPower($world, $this->device())) {
            return [[$world, Outcome::named('no_power')]];
        }
        if ($following->isDead($this->device())) {
            return [[$world, Outcome::named('dead')]];
        }
        $world->closes($this->device());

        return parent::leadsTo($following, $world, $open);
    }

    final public function offers(Places $places, array $expected, array $protectors): array
    {
        $answer = fn(bool $holds, bool $tripped, bool $noPower): array => [
            'holds' => $holds,
            'tripped' => $tripped ? [$this->device()] : [],
            'no_power' => $noPower,
        ];

        return [
            new Offer('It holds', $answer(true, false, false), Outcome::holds()),
            new Offer("{$places->device($this->device())} trips", $answer(false, true, false), Outcome::trips([])),
            new Offer('It will not stay in', $answer(false, false, false), Outcome::named('dead')),
            new Offer('No power there', $answer(false, false, true), Outcome::named('no_power')),
        ];
    }

    final public function spoken(Places $places, Reading $reading): string
    {
        return match (true) {
            $reading->flag('no_power') === true => 'no power',
            $reading->flag('holds') === null => parent::spoken($places, $reading),
            $reading->flag('holds') === true => 'it held',
            $reading->tripped() === [] => 'it would not stay in',
            default => self::names($places, $reading->tripped()) . ' tripped',
        };
    }

    final public function spokenOutcome(Places $places, Outcome $outcome): string
    {
        return match ($outcome->what) {
            'holds' => 'it holds',
            'no_power' => 'no power there',
            'dead' => 'it will not stay in',
            default => parent::spokenOutcome($places, $outcome),
        };
    }

    final public function asReading(Outcome $outcome): array
    {
        return match ($outcome->what) {
            'no_power' => ['holds' => false, 'tripped' => [], 'no_power' => true],
            'trips', 'holds', 'dead' => ['holds' => $outcome->what === 'holds', 'tripped' => $outcome->ids],
            default => parent::asReading($outcome),
        };
    }
}
