<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Between;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\HouseGrid;
use Bouclier\Core\Network\Noise;

/** A voltmeter in the slots of an outlet, or at the end of a cable in an open box. */
final readonly class Volts extends Instrument
{
    /**
     * At one place, whatever was changed in between: what a severity that is only known in steps leaves unsure, no more readings settle.
     */
    private const MOST = 3;

    /** Volts that stand for what floats, where a reading has to be written. */
    private const SAY_FLOATS = 30.0;

    /** Volts that what nobody has drawn may take, in a house that is drawn in part: one standard deviation. */
    private const UNDRAWN_VOLTS = 4.0;

    public function __construct(Spot $at, private Between $between, private bool $lowZ = false, private ?Half $half = null)
    {
        parent::__construct($at);
    }

    public static function name(): string
    {
        return 'volts';
    }

    public static function places(): array
    {
        return ['at' => ['point', 'cable']];
    }

    public static function takes(): array
    {
        $between = [Between::HotNeutral->value, Between::HotGround->value, Between::NeutralGround->value];

        return [Field::oneOf('between', $between), Field::flag('low_z'), Field::oneOf('half', array_column(Half::cases(), 'value'))];
    }

    public static function offeredAt(Spot $at, Situation $now): iterable
    {
        $isThere = $at->cable !== null || ($at->point !== null && $now->house->point($at->point)->isReceptacle());
        foreach ($isThere ? [Between::HotNeutral, Between::HotGround, Between::NeutralGround] : [] as $between) {
            yield new self($at, $between, lowZ: true);
        }
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at, $said->between(), $said->flag('low_z'), $said->half());
    }

    public static function reads(): array
    {
        return [Field::number('volts')];
    }

    public static function worthTrying(Situation $now): iterable
    {
        yield from self::looks($now);
        foreach ($now->receptacles() as $point) {
            // By low impedance: what floats reads nothing then, and not anything. From hot to ground that trips a GFCI: there the lamps do.
            foreach ([Between::HotNeutral, Between::NeutralGround] as $between) {
                yield [new self(new Spot(point: $point->id), $between, lowZ: true)];
            }
        }
        foreach ($now->cables() as $cable) {
            foreach ([Between::HotNeutral, Between::HotGround] as $between) {
                yield [new self(new Spot(cable: $cable->id), $between, lowZ: true)];
            }
        }
        $called = $now->called === null ? null : new self(new Spot(point: $now->called->id), Between::HotNeutral, lowZ: true);
        foreach ($now->plugged() as [$appliance, $where]) {
            if ($called !== null && $now->openTo($where) === []) {
                yield [new Unplug(new Spot(appliance: $appliance->id)), $called];
            }
        }
    }

    /** @return iterable<non-empty-list<Action>> whether the outlet that was called about is right again, after one thing was done */
    private static function looks(Situation $now): iterable
    {
        $look = $now->look();
        if ($look === null) {
            return;
        }
        foreach ($now->devices as $device) {
            if ($now->circuitOf($device) !== null) {
                yield [$now->close($device), $look];
            }
        }
        foreach ($now->closed() as [, $circuit]) {
            foreach ($now->lifts($circuit) as $lift) {
                yield [$lift, $look];
            }
        }
        foreach ($now->unplugged() as $appliance) {
            yield [new Plug(new Spot(appliance: $appliance->id)), $look];
        }
    }

    protected function details(): array
    {
        return [
            'between' => $this->between->value,
            'low_z' => $this->lowZ,
            ...($this->half === null ? [] : ['half' => $this->half->value]),
        ];
    }

    public function isSame(Action $other): bool
    {
        return parent::isSame($other) && $other instanceof self && $other->between === $this->between;
    }

    public function minutes(): float
    {
        return $this->isInTheBox() ? 3.0 : 1.0;
    }

    public function isInTheBox(): bool
    {
        return $this->at->cable !== null;
    }

    public function isLive(): bool
    {
        return $this->isInTheBox();
    }

    public function isAtOneEnd(): bool
    {
        return true;
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function mostAmongChanges(): int
    {
        return self::MOST;
    }

    protected function leaves(): ?BoxState
    {
        return $this->isInTheBox() ? BoxState::Capped : null;
    }

    public function act(Simulation $in): Reading
    {
        return new Reading($in->meters->volts($in->grid(), $this->at, $this->between, $this->lowZ));
    }

    protected function likelihood(Following $following, World $world, Reading $reading): float
    {
        if ($this->floats($following, $world)) {
            return Likelihood::floating($reading->number('volts') ?? 0.0);
        }
        $read = $reading->number('volts') ?? 0.0;
        $with = $this->true($following, $following->grid($world));
        $without = $following->without($world);
        $without = $without === null ? $with : $this->true($following, $without);
        // What runs in a part that is not drawn takes some volts on the way to what is drawn.
        $undrawn = $following->house()->isDrawnInPart() ? self::UNDRAWN_VOLTS : 0.0;
        $deviation = Arithmetic::magnitude(Noise::volts($with), $undrawn);
        $likelihood = Likelihood::volts($read, $with, $without, $world->howHard, $deviation);
        $world->howHard = $world->howHard->told($read, $with, $without, $deviation);

        return $likelihood;
    }

    protected function shows(Following $following, World $world): Chances
    {
        return $this->floats($following, $world)
            ? Likelihood::inFloatingVolts()
            : Likelihood::inVolts($this->asHardAsTold($following, $world, $this->true($following, $following->grid($world))));
    }

    private function asHardAsTold(Following $following, World $world, float $with): float
    {
        $without = $world->howHard->isTold() ? $following->without($world) : null;

        return $without === null ? $with : $world->howHard->of($with, $this->true($following, $without));
    }

    private function floats(Following $following, World $world): bool
    {
        return ! $this->lowZ && $following->instruments()->floats($following->grid($world), $this->at, $this->between);
    }

    private function true(Following $following, HouseGrid $grid): float
    {
        return $following->instruments()->volts($grid, $this->at, $this->between, $this->lowZ);
    }

    public function likelihoodOfAnything(Reading $reading): float
    {
        return $reading->isEmpty() ? 1.0 : Likelihood::ofAnyVolts();
    }

    public function sees(Reading $reading, LiveSight $sight): void
    {
        $volts = $reading->number('volts');
        if ($volts !== null) {
            $sight->volts($this->at, $this->half, $this->between, $volts);
        }
    }

    public function asks(): Asked
    {
        return Asked::Volts;
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [];
    }

    public function done(Places $places): string
    {
        return ucfirst($this->between->label()) . " at {$places->spot($this->at)}" . ($this->lowZ ? ', low impedance' : '');
    }

    public function steps(Places $places, bool $opens): array
    {
        $open = "Breaker off, prove it dead, open the box of {$this->box($places)}, every conductor capped, then on again.";

        $trips = $this->lowZ && $this->between === Between::HotGround
            ? ['A meter of low impedance from hot to ground trips a GFCI above it.']
            : [];

        return [...($opens ? [$open] : []), "{$this->done($places)}: note the volts.", ...$trips];
    }

    public function spoken(Places $places, Reading $reading): string
    {
        $volts = $reading->number('volts');

        return $volts === null ? 'done' : round($volts, 1) . ' V';
    }

    public function spokenOutcome(Places $places, Outcome $outcome): string
    {
        return $outcome->what === 'floating' ? 'anything: it floats' : 'about ' . round(Likelihood::voltsOf($outcome)) . ' V';
    }

    public function asReading(Outcome $outcome): array
    {
        return ['volts' => $outcome->what === 'floating' ? self::SAY_FLOATS : round(Likelihood::voltsOf($outcome), 1)];
    }
}
