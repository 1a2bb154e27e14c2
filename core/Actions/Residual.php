<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Places;

/** What the sensor of a device sees: an x-ray for tests and teaching, and no instrument. */
final readonly class Residual extends Instrument
{
    public static function name(): string
    {
        return 'residual';
    }

    public static function places(): array
    {
        return ['at' => ['point', 'circuit']];
    }

    public static function canBeDone(): bool
    {
        return false;
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function reads(): array
    {
        return [Field::number('ma')];
    }

    public function minutes(): float
    {
        return 0.0;
    }

    public function onlyShows(): bool
    {
        return false;
    }

    public function act(Simulation $in): Reading
    {
        return new Reading(['ma' => 1000.0 * $in->grid()->residual($this->device())]);
    }

    protected function likelihood(Following $following, World $world, Reading $reading): float
    {
        [$supposed, $without] = $following->residual($world, $this->device());

        return $supposed->read($world, $reading->number('ma') ?? 0.0, $without);
    }

    protected function shows(Following $following, World $world): Chances
    {
        [$supposed, $without] = $following->residual($world, $this->device());

        return Likelihood::inMilliamperes($supposed->asHardAs($world->howHard, $without));
    }

    private function device(): string
    {
        return $this->at->device() ?? '';
    }

    public function likelihoodOfAnything(Reading $reading): float
    {
        return $reading->isEmpty() ? 1.0 : Likelihood::ofAnyMilliamperes($reading->number('ma') ?? 0.0);
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [];
    }

    public function done(Places $places): string
    {
        return "Residual of {$places->spot($this->at)}";
    }

    public function spoken(Places $places, Reading $reading): string
    {
        $ma = $reading->number('ma');

        return $ma === null ? 'done' : round($ma, 2) . ' mA';
    }
}
