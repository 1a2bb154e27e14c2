<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;

/** A walk round with a lamp or tester: what is live, and what is dead. */
final readonly class Walk extends Instrument
{
    private const SURE = 0.98;

    /** So many codes are named, and the rest counted. */
    private const NAMED = 6;

    public static function name(): string
    {
        return 'walk';
    }

    public static function places(): array
    {
        return [];
    }

    public static function offeredAt(Spot $at, Situation $now): iterable
    {
        return $at->id() === '' ? [new self()] : [];
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function reads(): array
    {
        return [Field::ids('live'), Field::ids('dead')];
    }

    public static function worthTrying(Situation $now): iterable
    {
        yield [new self()];
    }

    public function minutes(): float
    {
        return 3.0;
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function act(Simulation $in): Reading
    {
        return new Reading($in->walk());
    }

    protected function likelihood(Following $following, World $world, Reading $reading): float
    {
        return Likelihood::walked($following->grid($world), $reading, false);
    }

    protected function shows(Following $following, World $world): Chances
    {
        return (new Chances())->add(Outcome::dead($following->dead($world)), self::SURE)->add(Outcome::anythingElse(), 1.0 - self::SURE);
    }

    public function sees(Reading $reading, LiveSight $sight): void
    {
        $sight->live($reading->listed('live') ?? []);
    }

    public function asks(): Asked
    {
        return Asked::Walk;
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [];
    }

    public function done(Places $places): string
    {
        return 'Walk round: what is dead';
    }

    public function steps(Places $places, bool $opens): array
    {
        return ['Walk round with a lamp or tester and note what is dead.'];
    }

    public function spoken(Places $places, Reading $reading): string
    {
        return self::spokenDead($places, $reading->listed('dead') ?? []);
    }

    /** @param list<string> $dead points */
    public static function spokenDead(Places $places, array $dead): string
    {
        if ($dead === []) {
            return 'all live';
        }
        $more = count($dead) - self::NAMED;

        return implode(
            ', ',
            array_map($places->point(...), array_slice($dead, 0, self::NAMED)),
        ) . ($more > 0 ? " and $more more" : '') . ' dead';
    }

    public function spokenOutcome(Places $places, Outcome $outcome): string
    {
        return $outcome->what !== 'dead' ? $outcome->key : ($outcome->ids === [] ? 'all live' : count($outcome->ids) . ' dead');
    }
}
