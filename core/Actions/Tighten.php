<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;

/** A screwdriver on every screw of a box. */
final readonly class Tighten extends BoxLook
{
    public static function name(): string
    {
        return 'tighten';
    }

    protected static function isOfferedAt(Spot $at, Situation $now): bool
    {
        return $at->appliance === null;
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function reads(): array
    {
        return [Field::flag('moved')];
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->points() as $point) {
            yield [new self(new Spot(point: $point->id))];
        }
    }

    public function act(Simulation $in): Reading
    {
        return new Reading(['moved' => $in->looks->moves($this->at, $in->faults(), $in->count('tighten'))]);
    }

    protected function likelihood(Following $following, World $world, Reading $reading): float
    {
        $moves = $following->looks()->movesChance($this->at, $following->faults());

        return $reading->flag('moved') === true ? $moves : 1.0 - $moves;
    }

    protected function shows(Following $following, World $world): Chances
    {
        $moves = $following->looks()->movesChance($this->at, $following->faults());

        return (new Chances())->add(Outcome::named('moved'), $moves)->add(Outcome::named('firm'), 1.0 - $moves);
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [
            new Offer('A screw moved', ['moved' => true], Outcome::named('moved')),
            new Offer('All firm', ['moved' => false], Outcome::named('firm')),
        ];
    }

    public function done(Places $places): string
    {
        return "Tighten the screws at {$places->spot($this->at)}";
    }

    public function steps(Places $places, bool $opens): array
    {
        return [...$this->provedDead($places, $opens), 'A screwdriver on every screw: note whether one moved.'];
    }

    public function spoken(Places $places, Reading $reading): string
    {
        return match ($reading->flag('moved')) {
            true => 'one moved',
            false => 'all firm',
            null => 'done',
        };
    }

    public function spokenOutcome(Places $places, Outcome $outcome): string
    {
        return $outcome->what === 'moved' ? 'a screw moves' : 'all firm';
    }

    public function asReading(Outcome $outcome): array
    {
        return ['moved' => $outcome->what === 'moved'];
    }
}
