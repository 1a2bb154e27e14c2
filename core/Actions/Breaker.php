<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;

/** A breaker turned by its handle. */
final readonly class Breaker extends Action
{
    public function __construct(Spot $at, private bool $on)
    {
        parent::__construct($at);
    }

    public static function name(): string
    {
        return 'breaker';
    }

    public static function places(): array
    {
        return ['circuit' => ['circuit']];
    }

    public static function takes(): array
    {
        return [Field::flag('on')];
    }

    public static function offeredAt(Spot $at, Situation $now): iterable
    {
        if ($at->circuit !== null) {
            yield new self($at, $now->isOff($now->house->circuit($at->circuit)));
        }
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at, $said->flag('on'));
    }

    public static function reads(): array
    {
        return [Field::ids('tripped')];
    }

    public static function worthTrying(Situation $now): iterable
    {
        // Off and on again: what comes and goes is drawn anew.
        foreach ($now->closed() as [, $circuit]) {
            yield $now->isOff($circuit) ? [$now->turn($circuit, true)] : [$now->turn($circuit, false), $now->turn($circuit, true)];
        }
    }

    protected function details(): array
    {
        return ['on' => $this->on];
    }

    public function minutes(): float
    {
        return 2.0;
    }

    public function energises(): bool
    {
        return $this->on;
    }

    public function takesAway(): bool
    {
        return ! $this->on;
    }

    public function turns(): array
    {
        return [$this->at->circuit ?? '', $this->on];
    }

    public function does(Condition $condition, FeedMap $feeds): bool
    {
        $condition->turns($this->at->circuit ?? '', $this->on);

        return $this->on;
    }

    public function act(Simulation $in): Reading
    {
        return new Reading(['tripped' => $in->did($this)]);
    }

    public function done(Places $places): string
    {
        return "Turn {$places->spot($this->at)}" . ($this->on ? ' on' : ' off');
    }
}
