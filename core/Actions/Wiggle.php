<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;

/** A plug or cord wiggled, a box knocked on: what comes and goes often shows itself when it is moved. */
final readonly class Wiggle extends Action
{
    /** So often it may be tried at one place. */
    private const AGAIN = 2;

    public static function name(): string
    {
        return 'wiggle';
    }

    public static function places(): array
    {
        return ['at' => ['point', 'cable', 'appliance']];
    }

    protected static function isOfferedAt(Spot $at, Situation $now): bool
    {
        return $at->cable === null;
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function reads(): array
    {
        return [Field::ids('tripped')];
    }

    public static function worthTrying(Situation $now): iterable
    {
        $places = [
            ...array_map(fn(array $one): Spot => new Spot(appliance: $one[0]->id), $now->plugged()),
            ...array_map(fn($point): Spot => new Spot(point: $point->id), $now->points()),
        ];
        foreach ($places as $at) {
            if ($now->timesDone(new self($at)) < self::AGAIN) {
                yield [new self($at)];
            }
        }
    }

    public function minutes(): float
    {
        return 1.0;
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function changesNothing(): bool
    {
        return true;
    }

    public function act(Simulation $in): Reading
    {
        $shown = $in->looks->wiggled($this->at, $in->faults(), $in->count('wiggle'));

        return new Reading(['tripped' => $shown === [] ? [] : $in->settledWith($shown)]);
    }

    public function read(Following $following, World $world, Reading $reading): array
    {
        $tripped = $following->protectors($reading->tripped());
        [$chance, $set] = $this->setOff($following, $world);
        $plain = clone $world;
        $following->observe($plain, $tripped);
        if ($set !== null) {
            $following->observe($set, $tripped);
            $plain->weight = (1.0 - $chance) * $plain->weight + $chance * $set->weight;
        }

        return [$plain];
    }

    public function leadsTo(Following $following, World $world, ?array $open = null): array
    {
        [$chance, $set] = $this->setOff($following, $world);
        $plain = clone $world;
        $plain->weight *= 1.0 - $chance;
        $ways = [[$plain, Outcome::holds()]];
        if ($set !== null) {
            $set->weight *= $chance;
            foreach ($following->settled($set) as $end) {
                $opened = array_values(array_diff($end->open(), $world->open()));
                $ways[] = [$end, $opened === [] ? Outcome::holds() : Outcome::trips($opened)];
            }
        }

        return $ways;
    }

    /** @return array{float, World|null} the chance that something is set off, and how it then stands */
    private function setOff(Following $following, World $world): array
    {
        [$chance, $then] = $following->wiggled($this->at);
        if ($chance <= 0.0) {
            return [$chance, null];
        }
        $set = clone $world;
        $set->condition->faults = [...$world->condition->faults, ...$then];
        $set->changed();

        return [$chance, $set];
    }

    public function done(Places $places): string
    {
        return $this->at->appliance !== null
            ? "Wiggle plug and cord of {$places->spot($this->at)}"
            : "Wiggle a plug in {$places->spot($this->at)}, knock on it";
    }

    public function why(Places $places, array $before): string
    {
        return 'What comes and goes often shows itself when it is moved.';
    }
}
