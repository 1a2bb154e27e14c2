<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;

/** An appliance on its cord set again, on the same outlet. */
final readonly class WithCord extends WithAppliance
{
    public static function name(): string
    {
        return 'with_cord';
    }

    protected static function isOfferedWith(Appliance $thing, Situation $now): bool
    {
        return $thing->extension === true && ! $now->hasCord($thing);
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->plugged() as [$appliance, $where]) {
            if ($appliance->extension === true && ! $now->hasCord($appliance) && $now->openTo($where) === []) {
                yield [new self(new Spot(appliance: $appliance->id))];
            }
        }
    }

    public function minutes(): float
    {
        return 2.0;
    }

    public function energises(): bool
    {
        return true;
    }

    public function does(Condition $condition, FeedMap $feeds): bool
    {
        unset($condition->withoutCord[$this->id()]);

        return true;
    }

    public function done(Places $places): string
    {
        return ucfirst("{$places->spot($this->at)} on its cord set again");
    }
}
