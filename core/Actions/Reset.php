<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\ResetBy;
use Bouclier\Core\House\Spot;

/** A device reset, or the handle of a breaker that has tripped. */
final readonly class Reset extends Closing
{
    public static function name(): string
    {
        return 'reset';
    }

    protected static function isOfferedAt(Spot $at, Situation $now): bool
    {
        return $at->circuit !== null ? ! $now->isOff($now->house->circuit($at->circuit)) : $now->isProtective($at->point ?? '');
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->devices as $device) {
            $circuit = $now->circuitOf($device);
            foreach ($circuit === null ? [] : self::boxByBox($now, $circuit) as [$back, $lift]) {
                yield [$back, $lift, $now->close($device)];
            }
        }
        foreach ($now->open() as [$device, $circuit]) {
            // What may be taken off before it is closed again.
            $reset = $now->close($device);
            yield [$reset];
            if ($now->pluggedOn($circuit) !== []) {
                yield [$now->unplugAll($circuit), $reset];
            }
            foreach ($now->lifts($circuit) as $lift) {
                yield [$lift, $reset];
            }
            foreach ($now->house->fedBy($circuit) as $fed) {
                if ($fed->id !== $circuit->id && ! $now->isOff($fed) && $now->feeds->pointsOn($fed) !== []) {
                    yield [$now->turn($fed, false), $reset];
                }
            }
        }
        foreach ($now->plugged() as [$appliance, $where]) {
            $resets = $now->closeTo($where);
            if ($resets === []) {
                continue;
            }
            $at = new Spot(appliance: $appliance->id);
            yield $resets;
            yield [new Unplug($at), ...$resets];
            if ($now->hasCord($appliance)) {
                yield [new WithoutCord($at), ...$resets];
            }
            $beside = $now->beside($where);
            if ($beside !== null) {
                yield [new Move($at, $beside->id), ...$resets];
            }
        }
    }

    /**
     * From a pair that is lifted on to the next box: put back, and a pair there lifted in its stead.
     *
     * @return iterable<array{Lift, Lift}>
     */
    private static function boxByBox(Situation $now, Circuit $circuit): iterable
    {
        foreach ($now->pointsOn($circuit) as $box) {
            $feed = $now->feeds->feed($box)->cable;
            $back = $now->putBack($feed);
            if ($feed === null || $back === null) {
                continue;
            }
            foreach ([...($back->at->point === $box->id ? [] : [$feed]), ...$now->feeds->cablesOutOf($box)] as $next) {
                if (! $now->isLifted($box->id, $next->id)) {
                    yield [$back, new Lift($box->id, $next->id, on: false)];
                }
            }
        }
    }

    public function minutes(): float
    {
        return 1.0;
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function mostTries(): int
    {
        return 2;
    }

    public function closes(): string
    {
        return $this->device();
    }

    protected function leavesClosed(): bool
    {
        return true;
    }

    public function act(Simulation $in): Reading
    {
        $id = $this->device();
        $answer = fn(
            bool $holds,
            array $tripped,
            bool $noPower,
        ): Reading => new Reading(['holds' => $holds, 'tripped' => $tripped, 'no_power' => $noPower]);
        if (! $in->isOpen($id)) {
            return $answer($in->hasPower($id), [], ! $in->hasPower($id));
        }
        if (! $in->hasPower($id)) {
            return $answer(false, [], true);
        }
        if ($in->isDead($id)) {
            return $answer(false, [], false);
        }
        $in->condition->closes($id);
        $tripped = $in->energised();

        return $answer(! isset($in->condition->open[$id]), $tripped, false);
    }

    public function done(Places $places): string
    {
        return "Reset {$places->spot($this->at)}";
    }

    public function steps(Places $places, bool $opens): array
    {
        $how = $this->at->point === null ? null : $places->house->point($this->at->point)->resetBy;

        return [...parent::steps($places, $opens), ...match ($how) {
            ResetBy::TestThenReset => ['Press TEST first, then RESET.'],
            ResetBy::OffThenOn => ['Handle fully off, then on.'],
            default => [],
        }];
    }

    public function why(Places $places, array $before): string
    {
        return match (true) {
            ($before[0] ?? null)?->to() !== null => $before[0]->why($places, []),
            $before !== [] => 'If it holds now, what was taken off is where to look.',
            default => 'Whether it holds says more than anything that can be seen.',
        };
    }
}
