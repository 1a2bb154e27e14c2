<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Arithmetic;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Looks;

/** A box looked into, or an appliance looked over. */
final readonly class Inspect extends BoxLook
{
    /** What can be seen, in words. */
    private const WORDS = [
        'bare_copper' => 'bare copper',
        'ground_on_neutral' => 'ground on a neutral',
        'pair_split' => 'hot and neutral of one cable on different ends',
        'colours_swapped' => 'colours swapped',
        'jumper' => 'jumper from neutral to ground',
        'ground_missing' => 'no ground on the green screw',
        'lone_neutral' => 'neutral with no hot of its own',
    ];

    public static function name(): string
    {
        return 'inspect';
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function reads(): array
    {
        return [Field::someOf('seen', Looks::SEEN)];
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->house->appliances as $appliance) {
            yield [new self(new Spot(appliance: $appliance->id))];
        }
        foreach ($now->points() as $point) {
            yield [new self(new Spot(point: $point->id))];
        }
    }

    public function mayMislead(): bool
    {
        return true;
    }

    public function act(Simulation $in): Reading
    {
        return new Reading(['seen' => $in->looks->seen($this->at, $in->faults(), $in->count('inspect'))]);
    }

    /** Eyes find what comes and goes whether it shows just now or not. */
    protected function likelihood(Following $following, World $world, Reading $reading): float
    {
        $seen = $reading->listed('seen') ?? [];
        $likelihood = 1.0;
        foreach ($following->looks()->chances($this->at, $following->faults()) as $item => $chance) {
            $chance = max(Looks::NOTHING, $chance);
            $likelihood *= in_array($item, $seen, true) ? $chance : 1.0 - $chance;
        }

        return $likelihood;
    }

    /** What nobody thought of may be seen, or not: each thing a little likelier than where nothing is wrong. */
    public function likelihoodOfAnything(Reading $reading): float
    {
        $seen = count($reading->listed('seen') ?? []);
        $unseen = count(Looks::SEEN) - $seen;

        return $reading->isEmpty()
            ? 1.0
            : Arithmetic::wholePower(Likelihood::ANYTHING, $seen) * Arithmetic::wholePower(1.0 - Looks::NOTHING, $unseen);
    }

    protected function shows(Following $following, World $world): Chances
    {
        $chances = new Chances();
        $left = 1.0;
        foreach ($following->looks()->chances($this->at, $following->faults()) as $item => $chance) {
            $seen = $left * max(Looks::NOTHING, $chance);
            $chances->add(Outcome::of('seen', $item), $seen);
            $left -= $seen;
        }

        return $chances->add(Outcome::named('nothing'), $left);
    }

    public function asks(): Asked
    {
        return Asked::Seen;
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [];
    }

    public function done(Places $places): string
    {
        return $this->at->appliance !== null ? "Look {$places->spot($this->at)} over" : "Look into the box of {$places->spot($this->at)}";
    }

    public function steps(Places $places, bool $opens): array
    {
        return $this->at->appliance !== null
            ? ["Look over {$places->spot($this->at)}: cord, plug, water, scorch marks."]
            : [
                ...$this->provedDead($places, $opens),
                'Look: wet, nicked, scorched, loose.',
                'A pair split between LINE and LOAD, colours swapped, a jumper, a ground or a neutral that is not where it belongs.',
            ];
    }

    public static function word(string $item): string
    {
        return self::WORDS[$item] ?? $item;
    }

    public function spoken(Places $places, Reading $reading): string
    {
        $seen = $reading->listed('seen');

        return match ($seen) {
            null => 'done',
            [] => 'nothing to see',
            default => implode(', ', array_map(self::word(...), $seen)),
        };
    }

    public function spokenOutcome(Places $places, Outcome $outcome): string
    {
        return $outcome->what === 'nothing' ? 'nothing to see' : self::word($outcome->item);
    }

    public function asReading(Outcome $outcome): array
    {
        return ['seen' => $outcome->what === 'nothing' ? [] : [$outcome->item]];
    }
}
