<?php

declare(strict_types=1);

namespace Bouclier\Core\Actions;

use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Spot;
use Bouclier\Core\Network\Condition;

/** An appliance on the same outlet by its own plug, without its cord set. */
final readonly class WithoutCord extends WithAppliance
{
    public static function name(): string
    {
        return 'without_cord';
    }

    protected static function isOfferedWith(Appliance $thing, Situation $now): bool
    {
        return $now->hasCord($thing);
    }

    public static function of(SaidOfAction $said): self
    {
        return new self($said->at);
    }

    public static function worthTrying(Situation $now): iterable
    {
        foreach ($now->plugged() as [$appliance, $where]) {
            if ($now->hasCord($appliance) && $now->openTo($where) === []) {
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
        $condition->withoutCord[$this->id()] = true;

        return true;
    }

    public function atHome(AtHome $home, FeedMap $feeds): void
    {
        $appliance = $this->appliance($feeds);
        if ($appliance !== null) {
            $home->leaves(
                $appliance,
                'Leave the ' . self::lower($appliance) . ' plugged straight into the wall, without the extension cord.',
            );
        }
    }

    public function done(Places $places): string
    {
        return ucfirst("{$places->spot($this->at)} without its cord set");
    }
}
