<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;

/** A clamp round hot and neutral of a cable together: what does not come back shows. */
final readonly class Clamp extends Instrument
{
    /** What a reading under a cause nobody thought of is judged by. */
    private const OF_ONE_CABLE = ['ma', 'hot_ma', 'neutral_ma'];

    public static function name(): string
    {
        return 'clamp';
    }

    public static function places(): array
    {
        return ['cable' => ['cable']];
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function reads(): array
    {
        return array_map(Field::number(...), ['ma', 'hot_ma', 'hot2_ma', 'neutral_ma']);
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->plugged() as [, $where]) {
            $feed = $now->feeds->feed($now->house->point($where));
            if ($feed->cable !== null && $feed->circuit?->id !== $now->circuit?->id) {
                yield [new self(new Spot(cable: $feed->cable->id))];
            }
        }
        foreach ($now->cables() as $cable) {
            yield [new self(new Spot(cable: $cable->id))];
        }
    }

    public function measures(): bool
    {
        return true;
    }

    public function minutes(): float
    {
        return 3.0;
    }

    public function isInTheBox(): bool
    {
        return true;
    }

    public function isLive(): bool
    {
        return true;
    }

    public function liveBecause(): string
    {
        return 'A current flows only with the power on. Jaws round the whole cable where the jacket allows it; no bare conductor is '
            . 'touched.';
    }

    public function wantsPower(): bool
    {
        return true;
    }

    protected function leaves(): BoxState
    {
        return BoxState::Opened;
    }

    public function act(Simulation $in): Reading
    {
        return new Reading($in->meters->clamp($in->grid(), $this->cable()));
    }

    protected function likelihood(Following $following, World $world, Reading $reading): float
    {
        $likelihood = 1.0;
        foreach ($following->clamp($world, $this->cable()) as $key => [$supposed, $without]) {
            $read = $reading->number($key);
            // All conductors together read what does not come back: what leaks, and of an appliance in order how much it does.
            $likelihood *= $read === null ? 1.0 : $supposed->read($world, $read, $without, isOfLeakage: $key === 'ma');
        }

        return $likelihood;
    }

    protected function shows(Following $following, World $world): Chances
    {
        [$supposed, $without] = $following->clamp($world, $this->cable())['ma'];

        return Likelihood::inMilliamperes($supposed->asHardAs($world->howHard, $without));
    }

    public function likelihoodOfAnything(Reading $reading): float
    {
        $likely = array_map(function (string $key) use ($reading): float {
            $read = $reading->number($key);

            return $read === null ? 1.0 : Likelihood::ofAnyMilliamperes($read);
        }, self::OF_ONE_CABLE);

        return $reading->isEmpty() ? 1.0 : (float) array_product($likely);
    }

    public function sees(Reading $reading, LiveSight $sight): void
    {
        $sight->current($this->cable(), max($reading->number('ma') ?? 0.0, $reading->number('hot_ma') ?? 0.0));
    }

    public function asks(): Asked
    {
        return Asked::Milliamperes;
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [];
    }

    public function done(Places $places): string
    {
        return "Clamp round {$places->spot($this->at)}";
    }

    public function steps(Places $places, bool $opens): array
    {
        $open = "Breaker off, prove it dead, open the box of {$this->box($places)}, then on again.";

        return [...($opens ? [$open] : []), "Clamp round hot and neutral of {$places->spot($this->at)} together."];
    }

    public function why(Places $places, array $before): string
    {
        return 'Hot and neutral together: what does not come back shows.';
    }

    public function spoken(Places $places, Reading $reading): string
    {
        $ma = $reading->number('ma');

        return $ma === null ? 'done' : round($ma, 2) . ' mA';
    }

    public function spokenOutcome(Places $places, Outcome $outcome): string
    {
        return 'about ' . round(Likelihood::milliamperesOf($outcome), 1) . ' mA';
    }

    public function asReading(Outcome $outcome): array
    {
        return ['ma' => round(Likelihood::milliamperesOf($outcome), 2)];
    }

    private function cable(): string
    {
        return $this->at->cable ?? '';
    }
}
