<?php

declare(strict_types=1);

namespace Bouclier\Core\Faults;

use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;

/** An arc: momentary, no part of the steady network. */
abstract readonly class Arc extends Fault
{
    final public function __construct(Spot $at)
    {
        parent::__construct($at);
    }

    final public static function places(): array
    {
        return ['cable', 'point'];
    }

    final public static function of(SaidOfFault $said): static
    {
        return new static($said->at);
    }

    final public static function possibleAt(Surroundings $around): array
    {
        $arc = new static($around->at);

        return [new Possible(static::name() . ":{$around->at->kind()}:{$around->at->id()}", [$arc], [$arc])];
    }

    final public function proof(Places $places): string
    {
        return 'Run the largest load there for ten minutes: it holds, and nothing gets warm.';
    }
}
