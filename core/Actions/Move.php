<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;

/** An appliance moved to another outlet. */
final readonly class Move extends WithAppliance
{
    public function __construct(Spot $at, private string $to)
    {
        parent::__construct($at);
    }

    public static function name(): string
    {
        return 'move';
    }

    public static function places(): array
    {
        return ['appliance' => ['appliance'], 'to' => ['point']];
    }

    public static function offeredAt(Spot $at, Situation $now): iterable
    {
        $thing = $now->house->findAppliance($at->appliance);
        $where = $thing === null || ! $now->hasPlug($thing) ? null : $now->where($thing);
        // Whatever stands open: what is offered must not tell it.
        $to = $where === null ? [] : [($now->othersOnCircuit($where)[0] ?? null)?->id, Elsewhere::of($now->feeds, $where)?->id];
        foreach (array_unique(array_filter($to, is_string(...))) as $point) {
            yield new self($at, $point);
        }
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at, $said->text('to') ?? '');
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->plugged() as [$appliance]) {
            // On another device it shows whether it goes with the appliance.
            $elsewhere = $now->movedElsewhere($appliance);
            if ($elsewhere !== null) {
                yield [$elsewhere];
            }
        }
        foreach (array_filter($now->plugged(), fn(array $one): bool => $now->hasPlug($one[0])) as [$appliance, $where]) {
            // Beyond the same device: what trips with the appliance goes along, what trips with the outlet stays.
            $beside = $now->openTo($where) === [] ? $now->beside($where) : null;
            if ($beside !== null) {
                yield [new self(new Spot(appliance: $appliance->id), $beside->id)];
            }
        }
    }

    public function to(): string
    {
        return $this->to;
    }

    public function minutes(): float
    {
        return 3.0;
    }

    public function minutesIn(House $house): float
    {
        return $this->carrying($house, $this->minutes());
    }

    public function wantsPower(): bool
    {
        return true;
    }

    public function energises(): bool
    {
        return true;
    }

    public function does(Condition $condition, FeedMap $feeds): bool
    {
        $condition->plugged[$this->id()] = $this->to;

        return true;
    }

    public function atHome(AtHome $home, FeedMap $feeds): void
    {
        $appliance = $this->appliance($feeds);
        if ($appliance !== null) {
            $home->plugs($appliance, $this->to);
        }
    }

    public function done(Places $places): string
    {
        return "Move {$places->spot($this->at)} to {$places->point($this->to)}";
    }

    public function why(Places $places, array $before): string
    {
        $feeds = new FeedMap($places->house);
        $circuit = fn(?string $point): ?string => $point !== null && $places->house->hasPoint($point)
            ? $feeds->feed($places->house->point($point))->circuit?->id
            : null;

        return $places->point($this->to) . ($circuit($this->to) === $circuit($places->outletOf($this->id()))
            ? ' is on the same device: what trips with the appliance goes along, what trips with the outlet stays.'
            : ' is on another device; a neighbour on the same one would prove nothing.');
    }
}
