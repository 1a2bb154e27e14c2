<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Between;
use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\Loose;
use Bouclier\Core\House\Spot;

/** An action as a house file says it, read key by key. */
final readonly class SaidOfAction
{
    public Spot $at;

    public function __construct(private Loose $said)
    {
        $this->at = $said->spot('at') ?? Spot::of($said);
    }

    public function text(string $key): ?string
    {
        return $this->said->text($key);
    }

    public function flag(string $key): bool
    {
        return $this->said->flag($key) ?? false;
    }

    public function number(string $key): float
    {
        return $this->said->number($key) ?? 0.0;
    }

    public function between(): Between
    {
        return Between::tryFrom($this->text('between') ?? '') ?? Between::HotNeutral;
    }

    public function conductor(): Conductor
    {
        return Conductor::tryFrom($this->text('conductor') ?? '') ?? Conductor::Hot;
    }

    public function half(): ?Half
    {
        return Half::tryFrom($this->text('half') ?? '');
    }
}
