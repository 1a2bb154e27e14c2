<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\BoxState;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;

/** A pair in a box lifted and capped, the ground left; or put back. Then power on again. */
final readonly class Lift extends Action
{
    /**
     * @param string $point the box
     * @param string $pair cable id
     * @param bool $on put back
     */
    public function __construct(string $point, private string $pair, private bool $on)
    {
        parent::__construct(new Spot(point: $point));
    }

    public static function name(): string
    {
        return 'lift';
    }

    public static function places(): array
    {
        return ['point' => ['point'], 'pair' => ['cable']];
    }

    public static function takes(): array
    {
        return [Field::flag('on')];
    }

    public static function offeredAt(Spot $at, Situation $now): iterable
    {
        $cable = $now->house->findCable($at->cable);
        $box = $at->atFrom ? $cable?->fromPoint() : $cable?->to->point;
        if ($cable !== null && $box !== null) {
            yield new self($box, $cable->id, $now->isLifted($box, $cable->id));
        }
    }

    public function minutesAtOpenBox(): float
    {
        return 3.0;
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at->point ?? '', $said->text('pair') ?? '', $said->flag('on'));
    }

    public static function reads(): array
    {
        return [Field::ids('dead'), Field::ids('tripped')];
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->closed() as [, $circuit]) {
            $lifts = $now->lifts($circuit);
            foreach ($lifts as $lift) {
                yield [$lift];
                if ($lift->on) {
                    // What holds part by part, and trips as a whole, adds up: the part put back, another taken off in its stead.
                    yield [$now->unplugAll($circuit), $lift];
                    foreach ($lifts as $other) {
                        if (! $other->on) {
                            yield [$other, $lift];
                        }
                    }
                }
            }
        }
        foreach ($now->plugged() as [$appliance, $where]) {
            $back = $now->putBackTo($where);
            if ($back !== []) {
                // It was taken off with its box: by itself it may be what it was, or not.
                yield [new Unplug(new Spot(appliance: $appliance->id)), ...$back];
            }
        }
    }

    public function pair(): string
    {
        return $this->pair;
    }

    protected function details(): array
    {
        return ['on' => $this->on];
    }

    public function minutes(): float
    {
        return 8.0;
    }

    public function isInTheBox(): bool
    {
        return true;
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function energises(): bool
    {
        return true;
    }

    protected function leaves(): BoxState
    {
        return BoxState::MadeUp;
    }

    public function does(Condition $condition, FeedMap $feeds): bool
    {
        $point = $this->at->point ?? '';
        if ($this->on) {
            unset($condition->lifted[$point][$this->pair]);
        } else {
            $condition->lifted[$point][$this->pair] = true;
        }

        return true;
    }

    public function atHome(AtHome $home, FeedMap $feeds): void
    {
        $home->isWiringChanged = ! $this->on;
    }

    public function act(Simulation $in): Reading
    {
        $tripped = $in->did($this);

        return new Reading(['dead' => $in->walk()['dead'], 'tripped' => $tripped]);
    }

    protected function observed(Following $following, World $then, Reading $reading, array $tripped): void
    {
        $following->observe($then, $tripped);
        if ($reading->listed('dead') !== null) {
            $then->weight *= Likelihood::walked($following->grid($then), $reading, true);
        }
    }

    protected function showsDead(): bool
    {
        return true;
    }

    public function done(Places $places): string
    {
        return ($this->on ? 'Put back' : 'Lift') . " the pair to {$places->end($this->pair)} at {$places->spot($this->at)}";
    }

    public function steps(Places $places, bool $opens): array
    {
        $to = $places->end($this->pair);

        return [
            ...$this->provedDead($places, $opens),
            $this->on ? "Put the pair to $to back where it was." : "Lift hot and neutral to $to together and cap both. The ground stays.",
            'Fold it in, breaker on. Note what is dead now.',
        ];
    }

    public function spoken(Places $places, Reading $reading): string
    {
        $dead = $reading->listed('dead');

        return $dead === null || $reading->tripped() !== [] ? parent::spoken($places, $reading) : Walk::spokenDead($places, $dead);
    }
}
