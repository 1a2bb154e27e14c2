<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;

/** Faults that come and go together, drawn anew whenever something is re-energised or run. */
final readonly class Intermittent extends Fault
{
    private const WIGGLE = 0.3;

    /** @param list<Fault> $of */
    public function __construct(private array $of, private float $chance = 1.0)
    {
        parent::__construct($of[0]->at ?? new Spot());
    }

    public static function name(): string
    {
        return 'intermittent';
    }

    public static function places(): array
    {
        return [];
    }

    public static function of(SaidOfFault $said): self
    {
        if ($said->of === []) {
            $said->isWrong('/of', 'what comes and goes has to be said');
        }

        return new self($said->of, $said->chance());
    }

    public static function frequencies(): array
    {
        return [];
    }

    public static function possibleAt(Surroundings $around): array
    {
        // What comes and goes is a cause of another kind that does not always show.
        return [];
    }

    public function said(): array
    {
        return [
            'kind' => self::name(), 'of' => array_map(fn(Fault $fault): array => $fault->said(), $this->of),
            ...($this->chance === 1.0 ? [] : ['chance' => $this->chance]),
        ];
    }

    public function parts(): array
    {
        return $this->of;
    }

    public function chance(): float
    {
        return $this->chance;
    }

    public function wiggled(): array
    {
        return [self::WIGGLE, $this->of];
    }

    public function spoken(Places $places): string
    {
        return 'something that comes and goes';
    }

    public function repair(Places $places): array
    {
        return array_merge([], ...array_map(fn(Fault $fault): array => $fault->repair($places), $this->of));
    }

    public function proof(Places $places): string
    {
        return 'Everything plugged in and running: it holds.';
    }
}
