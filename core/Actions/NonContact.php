<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Conductor;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;

/** A non-contact tester held to a conductor in an open box. */
final readonly class NonContact extends Instrument
{
    private const SURE = 0.9;

    public function __construct(Spot $at, private Conductor $conductor)
    {
        parent::__construct($at);
    }

    public static function name(): string
    {
        return 'non_contact';
    }

    public static function places(): array
    {
        return ['at' => ['cable']];
    }

    public static function takes(): array
    {
        return [Field::oneOf('conductor', array_column(Conductor::cases(), 'value'))];
    }

    public static function offeredAt(Spot $at, Situation $now): iterable
    {
        foreach ($at->cable === null ? [] : [Conductor::Hot, Conductor::Neutral] as $conductor) {
            yield new self($at, $conductor);
        }
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at, $said->conductor());
    }

    public static function reads(): array
    {
        return [Field::flag('glows')];
    }

    protected function details(): array
    {
        return ['conductor' => $this->conductor->value];
    }

    public function minutes(): float
    {
        return 1.0;
    }

    public function isInTheBox(): bool
    {
        return true;
    }

    public function isLive(): bool
    {
        return true;
    }

    protected function leaves(): BoxState
    {
        return BoxState::Capped;
    }

    public function act(Simulation $in): Reading
    {
        return new Reading($in->meters->nonContact($in->grid(), $this->at, $this->conductor));
    }

    protected function likelihood(Following $following, World $world, Reading $reading): float
    {
        return $reading->flag('glows') === $this->glows($following, $world) ? self::SURE : 1.0 - self::SURE;
    }

    protected function shows(Following $following, World $world): Chances
    {
        $glows = $this->glows($following, $world) ? self::SURE : 1.0 - self::SURE;

        return (new Chances())->add(Outcome::named('glows'), $glows)->add(Outcome::named('dark'), 1.0 - $glows);
    }

    private function glows(Following $following, World $world): bool
    {
        return $following->instruments()->glows($following->grid($world), $this->at, $this->conductor);
    }

    public function sees(Reading $reading, LiveSight $sight): void
    {
        if ($reading->flag('glows') === true) {
            $sight->glow($this->at);
        }
    }

    public function offers(Places $places, array $expected, array $protectors): array
    {
        return [new Offer(
            'It glows',
            ['glows' => true],
            Outcome::named('glows'),
        ), new Offer('Dark', ['glows' => false], Outcome::named('dark'))];
    }

    public function done(Places $places): string
    {
        return "Non-contact tester at {$places->spot($this->at)}";
    }

    public function spoken(Places $places, Reading $reading): string
    {
        return match ($reading->flag('glows')) {
            true => 'it glows',
            false => 'dark',
            null => 'done',
        };
    }
}
