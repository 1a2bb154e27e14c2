<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Between;
use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\Half;
use Bouclier\Core\House\Spot;

/** An action as a house file says it, read key by key. */
final readonly class SaidOfAction
{
    public Spot $at;

    public function __construct(private \stdClass $data)
    {
        $this->at = ($data->at ?? null) instanceof \stdClass
            ? Spot::fromData($data->at)
            : new Spot($this->text('point'), $this->text('circuit'), $this->text('cable'), appliance: $this->text('appliance'));
    }

    public function text(string $key): ?string
    {
        return is_string($this->data->{$key} ?? null) ? $this->data->{$key} : null;
    }

    public function flag(string $key): bool
    {
        return ($this->data->{$key} ?? false) === true;
    }

    public function number(string $key): float
    {
        return is_numeric($this->data->{$key} ?? null) ? (float) $this->data->{$key} : 0.0;
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
