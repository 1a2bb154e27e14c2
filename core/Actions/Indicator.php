<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Places;

/** The light of a device, as its maker means it, or the handle of a breaker. */
final readonly class Indicator extends Action
{
    private const SHOWS = ['power', 'tripped', 'failed', 'nothing'];
    private const SURE = 0.98;

    public static function name(): string
    {
        return 'indicator';
    }

    public static function places(): array
    {
        return ['at' => ['point', 'circuit']];
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function reads(): array
    {
        return [Field::oneOf('shows', self::SHOWS)];
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->devices as $device) {
            yield [new self($now->spot($device))];
        }
    }

    public function minutes(): float
    {
        return 0.5;
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function wantsClosed(): bool
    {
        return false;
    }

    public function onlyShows(): bool
    {
        return true;
    }

    public function act(Simulation $in): Reading
    {
        $id = $this->at->device() ?? '';

        return new Reading(['shows' => match (true) {
            ! $in->hasPower($id) => 'nothing',
            $in->isDead($id) => 'failed',
            $in->isOpen($id) => 'tripped',
            default => 'power',
        }]);
    }

    public function read(Following $following, World $world, Reading $reading): array
    {
        $world->weight *= $reading->text('shows') === $following->indicator($world, $this->at->device() ?? '')
            ? self::SURE
            : Likelihood::SLIP;

        return [$world];
    }

    public function leadsTo(Following $following, World $world, ?array $open = null): array
    {
        return [[$world, Outcome::named($following->indicator($world, $this->at->device() ?? ''))]];
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return array_map(fn(string $shows): Offer => new Offer(ucfirst($shows), ['shows' => $shows], Outcome::named($shows)), self::SHOWS);
    }

    public function done(Places $places): string
    {
        return $this->at->circuit === null ? "Look at the light of {$places->spot($this->at)}" : "Look at {$places->spot($this->at)}";
    }

    public function steps(Places $places, bool $opens): array
    {
        $at = $places->spot($this->at);

        return [
            $this->at->circuit !== null
                ? "Look at $at: is its handle on, in the middle or off?"
                : "Look at the light of $at; what it means is its maker's.",
        ];
    }

    public function spoken(Places $places, Reading $reading): string
    {
        return $reading->text('shows') ?? 'done';
    }
}
